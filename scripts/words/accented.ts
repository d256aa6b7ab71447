export const PLAIN = "abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ";
export const ACCENTED = "åƀçđéƒĝĥîĵķļɱñöþǫŕšţûṽŵẋýžÅƁÇĐÉƑĜĤÎĴĶĻṀÑÖÞǪŔŠŢÛṼŴẊÝŽ";

/** Places for figures are no words: `{{percent}}`. */
export const PLACE = /(\{\{\w+\}\})/;

/**
 * English as a pseudo-language has it: every letter accented, vowels and what is drawn out twice, and so two fifths longer,
 * as German or Finnish is. It stands alone, for it is sent into a page as it is.
 */
export function accented(text: string, from = PLAIN, to = ACCENTED, place = PLACE): string {
  return text
    .split(place)
    .map((part, i) =>
      i % 2 === 1
        ? part
        : Array.from(part, (letter) => {
            const at = from.indexOf(letter);
            return at < 0 ? letter : to[at].repeat("aeiouyrsl".includes(letter) ? 2 : 1);
          }).join(""),
    )
    .join("");
}
