export const dishes = "Dishes";
export const start = "Start";
export const takeOut = (dishName: string) => `Take ${dishName} out`;
export const addFromAFormula = "Add from a formula";
export const formulas = "Formulas";
export const choose = "choose";
export const addWhatIsRunning = "Add what is running";
export const underWay = "Under way";
export const addSomethingPlainATray = "Add something plain: a tray, a sauce";
export const kinds = {
  formula: "to be started",
  running: "under way",
  plain: "cooked only",
};
