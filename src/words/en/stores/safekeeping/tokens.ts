export const reach = {
  read: "looks",
  readings: "looks and sends readings",
  all: "does everything",
  calendar: "follows one calendar",
};
export const tokens = "Tokens";
export const forAProbesBridgeA =
  "For a probe’s bridge, a script or a calendar, so that none of them needs the passphrase.";
export const since = (scope: string) => `${scope}, since`;
export const takeBack = (tokenName: string) => `Take ${tokenName} back`;
export const takeItBack = "Take back";
export const forWhat = "For what";
export const it = "It";
export const makeAToken = "Make a token";
export const tokenForToldOnce = (madeName: string) => `Token for ${madeName}, told once`;
