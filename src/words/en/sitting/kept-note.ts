export const saved = (kept: string) => (kept === "kept" ? "saved" : "saving…");
export const takeTheirs = "Take theirs";
export const saveMineOverIt = "Save mine over it";
