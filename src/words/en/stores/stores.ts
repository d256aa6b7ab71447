export const formulas = "Formulas";
export const thisKitchen = "This kitchen";
export const ourOwn = "Our own";
export const safekeeping = "Safekeeping";
export const tables = "Tables";
export const stores = "Stores";
export const onThisPage = "On this page";
