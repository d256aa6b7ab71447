export const tooMuchAtOnce = "Too much at once";
export const theKitchensMachineHasMany =
  "The kitchen’s machine has many sums before it. Nothing was changed: try again in a moment.";
export const tookTooLong = "Took too long";
export const thisTookMoreThanS = (timeMs: number) =>
  `This took more than ${timeMs} s of the kitchen’s machine and was ended. Look what of it is there, then ask for less at once: fewer dishes, fewer rows.`;
export const tooLarge = "Too large";
export const thisTookMoreMemoryThan =
  "This took more memory than the kitchen’s machine gives to one sum and was ended. Look what of it is there, then ask for less at once.";
