// Made from ovens.csv by `npm run tables`. In another language it is written by hand, after this.
type Said = readonly [name: string, provenance: string];

export const ovens = {
  slow_110: ["very slow","common practice"],
  slow_120: ["slow","common practice"],
  slow_135: ["slow","common practice"],
  low_150: ["low","common practice"],
  mod_163: ["moderate low (FSIS 325 F floor for roasting)","common practice"],
  mod_180: ["moderate","common practice"],
  mod_190: ["moderate hot","common practice"],
  hot_200: ["hot","common practice"],
  hot_220: ["very hot","common practice"],
  hot_230: ["very hot","common practice"],
  max_245: ["fierce","common practice"],
  broil: ["broiler / grill element","common practice"],
} satisfies Record<string, Said>;
