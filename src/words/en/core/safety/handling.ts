export const underMinTemp = {
  because: "Cooked to {{toC}} °C; the official minimum for {{food}} is {{safeMinC}} °C.",
};
export const injectedNotWhole = {
  title: "Injected meat is no whole cut any more",
  because:
    "The needle carries what was on the outside of {{food}} inwards. Cooked to {{toC}} °C with {{restMin}} min of rest; it wants {{heldC}} °C with {{holdMin}} min, or {{atOnceC}} °C.",
  instead: "Cook it further, or salt it dry or in a bath and leave it whole inside: then it may be rarer.",
  source: "FDA Food Code 3-401.11 (from memory)",
};
export const washingPoultry = { because: "Rinsing raw {{food}} splashes germs about the sink." };
export const curingSalts = {
  title: "Nitrite is out of scope",
  because:
    "“{{word}}” is named. Iron Crock does not compute nitrite or nitrate cures, canning or long keeping.",
};
export const fridgeDrip = { because: "Raw food uncovered in the fridge for {{pullH}} h." };
export const crossContamination = {
  because: "{{what}} goes on with a brush: one that touched raw food carries its germs.",
};
export const heavyLift = { because: "Food and what is round it weigh {{massKg}} kg." };
export const unevenPieces = {
  title: "Too unlike to share one time",
  because: "{{lots}}: the thick ones need {{ratio}} times as long.",
  instead: "Split them: {{lots}}, each on its own tray, each with its own time.",
  source: "soak engine: time goes with thickness squared",
  deferTo: "your own eye",
};
export const and = " and ";
