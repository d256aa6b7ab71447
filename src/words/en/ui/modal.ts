export const close = "Close";
export const closeByTapBeside = "close";
