/** The two themes; undefined follows the system. */
export type Theme = "stoneware" | "iron";

export const themeFrom = (text: string | undefined): Theme | undefined =>
  text === "stoneware" || text === "iron" ? text : undefined;
