export const aPhotoIfYouLike = "A photo, if you like (kept here only)";
export const takingItIn = "Taking it in…";
export const asItWasOf = (amount: number, photosCount: number) => `As it was, ${amount} of ${photosCount}`;
export const takePhotoOut = (amount: number) => `Take photo ${amount} out`;
export const remove = "Remove";
