export const oven = (number: number) => (number === 1 ? "oven" : `oven ${number}`);
