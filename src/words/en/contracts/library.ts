export const aTagIsAWord = "A tag is a word.";
export const aTagIsAtMost = "A tag is at most 30 letters.";
export const atMostTags = (tagsMax: number) => `At most ${tagsMax} tags.`;
export const aBranchNeedsAName = "A branch needs a name of its own.";
