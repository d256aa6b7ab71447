export const soundingScreenAwake = (on: boolean) => (on ? "Sounding, screen awake" : "Sound and stay awake");
export const takeItOutNow = "Take it out now";
export const lookAtTheProbe = "Look at the probe";
