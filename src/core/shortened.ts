/** Longer than any sign people write, in the units a text's length is counted in. */
const SIGN_MOST = 64;

/**
 * A text cut to a length, never in the middle of a sign: an emoji, or a letter with its accents, is whole or not there.
 * @param most UTF-16 units, as `length` counts them, 0 or more
 */
export function shortened(text: string, most: number): string {
  if (text.length <= most) return text;
  let end = 0;
  for (const { index, segment } of new Intl.Segmenter().segment(text.slice(0, most + SIGN_MOST))) {
    if (index + segment.length > most) break;
    end = index + segment.length;
  }
  return text.slice(0, end);
}
