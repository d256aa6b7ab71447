export const packedDamp = "packed damp";
export const toTheSqueezeTest = (hasBound: boolean) =>
  hasBound ? "to the squeeze test" : "in steps, to the squeeze test";
export const intoItsCrust = (lines: string) => `Into its crust: ${lines}`;
export const theCrustIsAVessel = "The crust is a vessel.";
