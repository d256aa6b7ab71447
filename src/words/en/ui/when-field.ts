export const notATimeTypeSat = "Not a time. Type Sat 18:00, 6 pm tomorrow, 30 Nov 18:00 or 6 h.";
export const of15MinutesEarlier = "15 minutes earlier";
export const of15MinutesLater = "15 minutes later";
