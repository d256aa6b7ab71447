export const ironCrock = "Iron Crock";
export const thisKitchensPassphrase = "This kitchen’s passphrase";
export const comeIn = "Come in";
