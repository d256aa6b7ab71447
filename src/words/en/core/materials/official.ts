export const safeMinimum = {
  reheatedHam: "fully cooked ham, reheated",
  leftovers: "leftovers and casseroles",
  poultry: "poultry",
  ground: "ground meat",
  egg: "egg dishes",
  seafood: "fish and shellfish",
  game: "wild game",
  wholeCut: "beef, pork, veal, lamb: steaks, chops, roasts; fresh ham",
};
