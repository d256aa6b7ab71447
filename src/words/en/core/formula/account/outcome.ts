export const bland = "bland";
export const faint = "faint";
export const light = "light";
export const seasoned = "seasoned";
export const firmlySeasoned = "firmly seasoned";
export const tooSaltyForMost = "too salty for most";
export const hamLike = "ham-like";
