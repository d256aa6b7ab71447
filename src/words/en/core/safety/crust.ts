export const crustSteam = { because: "A crust is opened hot: steam and shards come out." };
export const rawEggWhite = { because: "{{whites}} egg whites go into the crust raw." };
export const fineSaltCrust = {
  title: "This salt makes a poor crust",
  because: "{{salt}} in a crust: {{fit}}. Fine salt packs hard, sets like stone and salts the flesh more.",
  instead: "Coarse sea salt or dense rolled crystals.",
  source: "common practice, no source",
  deferTo: "your own record",
};
export const thinCrust = {
  title: "Thin enough to crack",
  because: "{{overMm}} mm over the food. It cracks, dries and lets the steam out.",
  instead: "About 12 mm over and 6 to 8 mm under; more is safer than less.",
  source: "common practice, no source",
  deferTo: "your own record",
};
export const crustBelowRule = {
  title: "Less salt than the 1.6 to 1 rule",
  because:
    "{{saltG}} g in this crust, {{ruleG}} g by the rule. At {{packed}} g/ml packed the rule's weight makes an even crust of {{evenMm}} mm; yours lies {{overMm}} mm over and {{underMm}} mm under.",
  instead: "Have the rule's weight at hand, pack to the measured thickness, and keep what is over.",
  source: "common practice, no source; geometry",
  deferTo: "your own eye",
};
export const trayTooSmall = {
  title: "The tray is too small for the crust",
  because:
    "The crust needs {{lengthMm}} × {{widthMm}} mm; the tray is {{haveLengthMm}} × {{haveWidthMm}} mm.",
  instead: "A larger tray, two trays, or head and tail left out.",
  source: "geometry",
  deferTo: "your own eye",
};
export const sharpFins = { because: "{{food}} whole: fins, spines and bones cut." };
export const notPreserving = {
  title: "This cure does not keep food",
  because:
    "{{pullH}} h under salt and sugar seasons and firms it. It is still raw, and keeps no longer than raw.",
  instead: "Cook it, or chill and eat it as fresh fish. Curing to keep follows licensed guidance.",
  source: "FDA fish guidance; common practice (recalled)",
  deferTo: "Follow FDA / local food authority where it differs; this text is no official advice.",
};
export const saltBurnToxic = { because: "Used brine, cure or crust holds {{saltG}} g of salt." };
