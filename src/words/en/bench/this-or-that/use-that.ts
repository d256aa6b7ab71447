export const thisOrThat = (amount: number) => (amount === 0 ? "this" : "that");
