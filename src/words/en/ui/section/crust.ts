export const trayAtLeast = (lengthMm: string, widthMm: string) => `tray at least ${lengthMm} × ${widthMm}`;
export const headAndTailLeftOut = (outMm: boolean) => (outMm ? "head and tail left out" : "wholly covered");
export const scalesOn = " · scales on";
export const over = (overMm: string) => `${overMm} over`;
export const under = (underMm: string) => `${underMm} under`;
export const cutAcross = "cut across";
export const measured = (estimated: boolean) => (estimated ? "estimated" : "measured");
