export const tags = "Tags";
export const takeOffTheTag = (tag: string) => `Take off the tag ${tag}`;
export const noneYet = "None yet.";
export const aNewTag = "A new tag";
export const tag = "Tag";
