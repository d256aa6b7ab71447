export const enoughPhotos = "Enough photos";
export const aBatchKeepsPhotosTake = (mostABatch: number) =>
  `A batch keeps ${mostABatch} photos: take one out first.`;
export const notAPhoto = "Not a photo";
export const thatFileDoesNotRead = "That file does not read as a picture. JPEG, PNG or WebP, please.";
