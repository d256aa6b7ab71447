export const timedBrine = "timed brine";
export const timed = "Timed";
export const wetStrongWatchIt = "wet, strong: watch it";
export const way = "Timed brine";
