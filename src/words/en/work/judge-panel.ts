export const howItWas = "How it was";
export const whatWentWrong = "What went wrong";
export const inWords = "In words";
export const keepTheJudgement = "Keep the judgement";
export const notKept = (why: string) => `Not kept. ${why}`;
export const saved = (sent: boolean) => (sent ? "saved" : "on its way");
