/* What a screen reader is given of a page: names and sentences, no raw codes, nothing unnamed. */

/** What a snapshot of the accessibility tree must not hold, and why. */
const AMISS: [name: string, pattern: RegExp][] = [
  [
    "a control without a name",
    /^\s*- (?:button|link|textbox|combobox|checkbox|radio|slider|spinbutton|img)(?: \[[^\]]*\])*:?$/,
  ],
  ["a code of the program's own", /(?<![\w/.?=&-])[a-z]+_[a-z_]+(?![\w/.])/],
  ["a figure that is none", /\b(?:NaN|undefined|null|Infinity)\b|\{\{/],
  // "Trout, whole whole": a word said twice; not "the lock table, Table 2".
  ["a word said twice", /\b([a-z]{3,}),? \1\b(?! \d)/i],
];

/** Drawings and charts say in words what they show. */
const DRAWN = /^\s*- img "([^"]*)"/;
const WORDS_OF_A_DRAWING = 3;

/** What it should not be given. @param snapshot of the accessibility tree */
export function amissIn(snapshot: string): string[] {
  // An address is not read out; a row is read again cell by cell.
  const lines = snapshot.split("\n").filter((line) => !/^\s*- (?:\/url:|row )/.test(line));
  return lines.flatMap((line) => {
    const wrong = AMISS.filter(([, pattern]) => pattern.test(line)).map(([name]) => name);
    const drawn = DRAWN.exec(line);
    if (drawn && drawn[1].trim().split(/\s+/).length < WORDS_OF_A_DRAWING)
      wrong.push("a drawing without words");
    return wrong.map((what) => `${what}: ${line.trim()}`);
  });
}
