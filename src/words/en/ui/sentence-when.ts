export const itDoesNotReadAs = "It does not read as a time. Say 18:00, Sat 18:00, 6 pm tomorrow or 6 h.";
