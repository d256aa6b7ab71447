export const rehearseThisEvening = (name: string) => `Rehearse this evening: ${name}`;
export const settingItUp = (busy: boolean) => (busy ? "Setting it up …" : "Rehearse this evening");
