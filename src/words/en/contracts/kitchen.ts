export const sayWhoTable2The = "Say who: “table 2”, “the baby”.";
export const atLeast50Mg = "At least 50 mg.";
export const atLeast005G = "At least 0.05 g.";
export const atMost3G = "At most 3 g.";
export const aTimeOfDaySuch = "A time of day, such as 22:30.";
export const itNeedsAName = "It needs a name.";
