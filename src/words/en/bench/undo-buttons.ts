export const undoTheLastChange = "Undo the last change";
export const redoWhatWasUndone = "Redo what was undone";
