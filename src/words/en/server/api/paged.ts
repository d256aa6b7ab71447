export const noSuchCursor = "No such cursor";
export const cursorBeginAgainWithoutOne = "cursor: begin again without one; its entry is gone.";
export const notOfThisList = "not of this list";
