export const howWord = {
  read: "read",
  converted: "worked out",
  guessed: "a guess: look twice",
  missing: "not said",
};
