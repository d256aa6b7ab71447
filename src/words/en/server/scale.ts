export const scalePluggedIn = "scale plugged in";
