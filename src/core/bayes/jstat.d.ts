/** What the tests ask of jStat, which brings no types of its own. */
declare module "jstat" {
  export const jStat: {
    beta: { inv: (share: number, alpha: number, beta: number) => number };
    normal: { cdf: (x: number, mean: number, deviation: number) => number };
  };
}
