export const scale = "Scale";
export const probe = "Probe";
export const fridgeSensor = "Fridge sensor";
export const salinityMeter = "Salinity meter";
export const probeOfName = (name: string) => `Probe, ${name}`;
export const instrumentsAndRehearsal = "Instruments and rehearsal";
export const simulated = (name: string) => `${name}, simulated`;
export const unplug = (on: boolean) => (on ? "Unplug" : "Plug in");
export const rehearsalClock = "Rehearsal clock";
export const clock = "Clock";
export const readingsCanBeTypedSimulated =
  "Readings can be typed, simulated, or sent by a bridge to a real instrument: see docs/INSTRUMENTS.md.";
