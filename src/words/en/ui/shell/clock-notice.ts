export const theClockMoved = (time: string, onwards: boolean) =>
  `The kitchen machine’s clock moved ${time} ${onwards ? "on" : "back"}.`;
export const whatToDo = (onwards: boolean) =>
  `${
    onwards
      ? "It was set, or the machine slept. Look at what should have been done meanwhile."
      : "It was set. Countdowns go by it now; what was ticked off keeps its hour."
  } If it is wrong, set the machine’s clock.`;
