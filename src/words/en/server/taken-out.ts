export const timeOfTakingOutIs = "Time of taking out is not possible";
export const itIsTakenOutBetween =
  "It is taken out between the hour it went in, or was to go in, and now. Where it went in earlier, tick that off at work first.";
export const betweenTheStartOfThe = "between going in and now";
export const itWentOn = "It went on since";
export const takeBackAtWorkFirst =
  "By what was ticked off at work it is in the heat or at the table already. Take that back at work first, then this.";
