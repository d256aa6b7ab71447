export const round = "round";
export const aPail = "a pail";
export const boxOrDish = "box or dish";
export const aBag = "a bag";
export const aCooler = "a cooler";
export const aTray = "a tray";
