/**
 * Scoville heat units of a gram as it is used. *From memory* of published ranges, their middles; one chilli of a kind
 * may have three times another's.
 */
const SCOVILLE: Record<string, number> = {
  cayenne: 40_000,
  chilli_flakes: 25_000,
  chilli_powder_blend: 1_500,
  dried_chilli_whole: 20_000,
  chilli_birdseye: 80_000,
  chilli_red_long: 8_000,
  chilli_jalapeno: 5_000,
  chilli_habanero: 200_000,
  ancho_powder: 1_500,
  chipotle_powder: 6_000,
  aleppo_pepper: 10_000,
  gochugaru: 4_000,
  gochujang: 1_000,
  doubanjiang: 1_500,
  harissa: 2_500,
  curry_paste_thai: 3_000,
  chilli_oil: 2_000,
  curry_powder: 800,
  cajun_blend: 3_000,
  paprika: 250,
  paprika_smoked: 250,
};

/** @returns 0 for whatever is not hot */
export const heatUnits = (ingredientId: string): number => SCOVILLE[ingredientId] ?? 0;
