export const noPassphraseSet = "No passphrase set";
export const thisKitchenHasNoPassphrase = "This kitchen has no passphrase; nobody signs in.";
export const notThePassphrase = "Not the passphrase";
export const thatIsNotThisKitchens = "That is not this kitchen's passphrase.";
