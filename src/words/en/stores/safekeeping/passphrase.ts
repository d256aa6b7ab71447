export const theTwoDifferNothingWas = "The two differ; nothing was changed.";
export const signIn = "Sign-in";
export const withThePassphraseFromAny = (has: boolean) =>
  has
    ? "With the passphrase, from any address this kitchen is started on."
    : "Only this machine. To let the other devices of the kitchen in, set a passphrase and start with HOST=0.0.0.0.";
export const thePassphraseNow = "The passphrase now";
export const aNewOne = (has: boolean) => (has ? "A new one" : "A passphrase");
export const onceMore = "Once more";
export const changeIt = (has: boolean) => (has ? "Change it" : "Set it");
export const signOut = "Sign out";
export const signOutEverywhere = "Sign out everywhere";
export const setEveryOtherDevice = "Set. Every other device signs in with it from now on.";
