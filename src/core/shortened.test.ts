import fc from "fast-check";
import { shortened } from "./shortened";

const FAMILY = "👩‍👩‍👧‍👦";

test.each([
  ["short enough stays", 40, "short enough stays"],
  ["brine", 3, "bri"],
  ["brine", 0, ""],
  [`a${FAMILY}b`, FAMILY.length, "a"],
  [`a${FAMILY}b`, FAMILY.length + 1, `a${FAMILY}`],
  ["cre\u0300me", 3, "cr"],
  ["cre\u0300me", 4, "cre\u0300"],
])("%j to %d", (text, most, left) => expect(shortened(text, most)).toBe(left));

test("never longer than asked, always the beginning, never half a sign", () => {
  fc.assert(
    fc.property(fc.string({ unit: "grapheme", maxLength: 60 }), fc.nat(80), (text, most) => {
      const left = shortened(text, most);
      expect(left.length).toBeLessThanOrEqual(Math.max(most, text.length <= most ? text.length : 0));
      expect(text.startsWith(left)).toBe(true);
      const signs = [...new Intl.Segmenter().segment(text)].map((s) => s.segment);
      const whole = signs.map((_, i) => signs.slice(0, i + 1).join(""));
      expect(["", ...whole]).toContain(left);
    }),
  );
});
