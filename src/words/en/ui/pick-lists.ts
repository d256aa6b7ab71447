export const thisKitchensOwn = "This kitchen’s own";
export const salts = (foodGrade: boolean) => (foodGrade ? "Salts" : "Not for food");
