export const noPassphraseSet = "No passphrase set";
export const thisKitchenHasNoPassphrase =
  "This kitchen has no passphrase, so it answers only on its own machine, as localhost. Set one there with: npm run passphrase";
export const signInFirst = "Sign in first";
export const giveTheKitchensPassphraseTo =
  "Give the kitchen's passphrase to come in, or a token of it to the API.";
