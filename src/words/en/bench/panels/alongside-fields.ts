export const size = (index: number) => `Size ${index}`;
export const pieces = (name: string) => `${name}, pieces`;
export const weightOfAllPieces = (name: string) => `${name}, weight of all pieces`;
export const thickest = (name: string) => `${name}, thickest`;
export const remove = (name: string) => `Remove ${name}`;
export const piecesOfAnotherSize = "Pieces of another size";
