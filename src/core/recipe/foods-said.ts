/**
 * What cooks call the foods of the table. The first whose words all stand in the line (or, failing that, in the line with
 * the recipe's title) is meant. *Practice*: common kitchen words.
 */
const FOODS: [RegExp[], string][] = [
  [[/\bduck\b/, /\blegs?\b/], "duck_leg"],
  [[/\bduck\b/, /\bbreasts?\b/], "duck_breast"],
  [[/\b(?:duck|duckling)\b/], "duck_whole"],
  [[/\b(?:goose|geese)\b/], "goose_whole"],
  [[/\bquails?\b/], "quail"],
  [[/\bpheasants?\b/], "pheasant"],
  [[/\b(?:cornish hen|game hen|poussin|spatchcock)s?\b/], "cornish_hen"],
  [
    [/\bturkey\b/, /\bbreasts?\b|\bcrown\b/, /\bbone-?in\b|\bon the bone\b|\bcrown\b/],
    "turkey_breast_bonein",
  ],
  [[/\bturkey\b/, /\bbreasts?\b/], "turkey_breast_boneless"],
  [[/\bturkey\b/], "turkey_whole"],
  [[/\bchicken\b/, /\bwings?\b/], "chicken_wing"],
  [[/\bchicken\b|\bdrum/, /\bdrumsticks?\b/], "chicken_drumstick"],
  [[/\bchicken\b/, /\bleg quarters?\b|\bmarylands?\b|\bwhole legs?\b|\blegs?\b/], "chicken_leg_quarter"],
  [
    [/\bchicken\b/, /\bthighs?\b/, /\bboneless\b|\bboned\b|\bskinless\b|\bfillets?\b/],
    "chicken_thigh_boneless",
  ],
  [[/\bchicken\b/, /\bthighs?\b/], "chicken_thigh_bonein"],
  [[/\bchicken\b/, /\bbreasts?\b/, /\bbone-?in\b|\bon the bone\b/], "chicken_breast_bonein"],
  [[/\bchicken\b/, /\bbreasts?\b|\bfillets?\b/], "chicken_breast_boneless"],
  [[/\bchicken\b|\broasting bird\b/], "chicken_whole"],
  [[/\bpork\b|\bpig\b/, /\btenderloins?\b|\bfillets?\b/], "pork_tenderloin"],
  [[/\bpork\b|\bchops?\b/, /\bchops?\b/, /\bbone[- ]?in\b|\bon the bone\b|\bbone\b/], "pork_chop_bonein"],
  [[/\bpork\b/, /\bchops?\b|\bloin steaks?\b/], "pork_chop_boneless"],
  [[/\bpork\b/, /\bribs?\b|\bracks?\b/], "pork_ribs"],
  [[/\bspare ?ribs?\b|\bbaby back\b/], "pork_ribs"],
  [[/\bpork\b/, /\bbelly\b/], "pork_belly"],
  [[/\bpork\b/, /\bshoulder\b|\bbutt\b|\bneck\b|\bcollar\b/], "pork_shoulder"],
  [
    [/\bpork\b/, /\bloin\b|\broast\b|\bjoint\b/, /\bbone-?in\b|\bon the bone\b|\bwith (?:the|its) bones?\b/],
    "pork_loin_bonein",
  ],
  [[/\bpork\b/, /\bloin\b|\broast\b|\bjoint\b/], "pork_loin_roast"],
  [[/\bbeef\b|\bribs?\b/, /\bshort[- ]ribs?\b/], "beef_short_rib"],
  [[/\bbrisket\b/], "beef_brisket"],
  [[/\bflank\b|\bskirt steak\b|\bbavette\b/], "beef_flank"],
  [[/\bchuck\b|\bbraising steak\b/], "beef_chuck"],
  [[/\b(?:minced? beef|ground beef|beef mince|burgers?)\b/], "beef_ground"],
  [[/\b(?:rib ?eye|rump|sirloin|strip|t-bone|fillet|new york)\b/, /\bsteaks?\b/], "beef_steak"],
  [[/\bbeef\b|\brib\b/, /\b(?:rib|fore ?rib|prime rib|standing rib|wing rib)\b/], "beef_ribeye_roast"],
  [[/\b(?:topside|silverside|round|eye of round)\b/], "beef_round_roast"],
  [[/\bbeef\b/, /\bsteaks?\b/], "beef_steak"],
  [[/\bbeef\b/, /\broast\b|\bjoint\b/], "beef_round_roast"],
  [[/\blamb\b/, /\bracks?\b/], "lamb_rack"],
  [[/\blamb\b/, /\bchops?\b|\bcutlets?\b/], "lamb_chop"],
  [[/\blamb\b|\bmutton\b/, /\bshoulder\b/, /\bbutterfl|\bboned\b|\bboneless\b/], "lamb_shoulder_butterflied"],
  [[/\blamb\b|\bmutton\b/, /\bshoulder\b/], "lamb_shoulder"],
  [[/\blamb\b|\bmutton\b|\bhogget\b/, /\blegs?\b|\bgigot\b/], "lamb_leg_bonein"],
  [[/\bgoat\b|\bkid\b/, /\blegs?\b|\bjoint\b|\bhaunch\b/], "goat_leg"],
  [[/\bgoat\b|\bkid\b/], "goat_leg"],
  [[/\bvenison\b|\bdeer\b/, /\bloins?\b|\bfillets?\b|\bsaddle\b|\bbackstrap\b/], "venison_loin"],
  [[/\bvenison\b|\bdeer\b/], "venison_haunch"],
  [[/\brabbits?\b/], "rabbit_whole"],
  [[/\b(?:wild )?boar\b/], "wild_boar"],
  [[/\bmackerel\b/, /\bfillets?\b/], "mackerel_fillet"],
  [[/\bmackerel\b/], "mackerel_whole"],
  [[/\bsardines?\b/], "sardine_whole"],
  [[/\bgr[ea]y mullet\b|\bmullet\b/], "grey_mullet_whole"],
  [[/\bsalmon\b/, /\bsides?\b|\bwhole fillet\b/], "salmon_side"],
  [[/\bsalmon\b/], "salmon_fillet"],
  [[/\b(?:cod|haddock|hake|pollock|pollack|coley|ling)\b/], "cod_fillet"],
  [[/\btuna\b/], "tuna_steak"],
  [[/\bsword ?fish\b/], "swordfish_steak"],
  [[/\b(?:sea ?)?bass\b|\bbranzino\b/], "seabass_whole"],
  [[/\bsnapper\b|\bbream\b/], "snapper_whole"],
  [[/\btrout\b/], "trout_whole"],
  [[/\b(?:sole|plaice|flounder)\b/, /\bfillets?\b/], "flatfish_fillet"],
  [[/\bsole\b|\bplaice\b|\bflounder\b/], "sole_whole"],
  [[/\bturbot\b|\bbrill\b/], "turbot_whole"],
  [[/\bmonk ?fish\b/], "monkfish_tail"],
  [
    [/\b(?:shrimps?|prawns?)\b/, /\bshell-?on\b|\bin (?:the|their) shells?\b|\bunpeeled\b|\bwith shells?\b/],
    "shrimp_shell",
  ],
  [[/\b(?:shrimps?|prawns?)\b/], "shrimp_peeled"],
  [[/\blobster\b/], "lobster_tail"],
  [[/\bscallops?\b/], "scallop"],
  [[/\bsquid\b|\bcalamari\b/], "squid"],
  [[/\boctopus\b/], "octopus"],
  [[/\bmussels?\b/], "mussel"],
  [[/\btofu\b/, /\bsilken\b|\bsoft\b/], "tofu_silken"],
  [[/\btofu\b/], "tofu_firm"],
  [[/\btempeh\b/], "tempeh"],
  [[/\bseitan\b/], "seitan"],
  [[/\bhalloumi\b/], "halloumi"],
  [[/\bpaneer\b/], "paneer"],
  [[/\bportobello\b|\bflat mushrooms?\b|\bfield mushrooms?\b/], "mushroom_portobello"],
  [[/\boyster mushrooms?\b/], "mushroom_oyster"],
  [[/\bmushrooms?\b/], "mushroom_button"],
  [[/\bcauliflowers?\b/], "cauliflower"],
  [[/\bbeetroots?\b|\bbeets?\b/], "beetroot"],
  [[/\bceleriacs?\b|\bcelery root\b/], "celeriac"],
  [[/\bsweet potato(?:es)?\b/], "sweet_potato"],
  [[/\bpotato(?:es)?\b/], "potato"],
  [[/\bturnips?\b|\bswedes?\b/], "turnip"],
  [[/\bcabbages?\b/], "cabbage_wedge"],
  [[/\baubergines?\b|\beggplants?\b|\bbrinjals?\b/], "aubergine"],
];

/** Words that also name an ingredient beside the food: "chicken stock" is a stock. */
const NOT_FOOD =
  /\b(?:stock|broth|sauce|fat|bouillon|seasoning|stuffing|paste|powder|flakes|cubes?|gravy|drippings?|salad|skewers?)\b/;

/** Which food a text speaks of, by its own words; with the title's help where they say too little. */
export function foodSaid(text: string, title = ""): string | undefined {
  const said = text.toLowerCase();
  if (NOT_FOOD.test(said)) return undefined;
  const found = FOODS.find(([words]) => words.every((word) => word.test(said)));
  if (found || title === "") return found?.[1];
  const both = `${said} ${title.toLowerCase()}`;
  // At least one word must stand in the line itself.
  return FOODS.find(([words]) => words.every((w) => w.test(both)) && words.some((w) => w.test(said)))?.[1];
}
