import type { ReactNode } from "react";
export const inTheOven = ({ dish, nowMs, ovenC }: { dish: string; nowMs: string; ovenC: ReactNode }) => (
  <>
    {dish} · in the oven {nowMs}, {ovenC}
  </>
);
export const underTheOfficialMinimumFollow = (exit: string) =>
  `Under the official minimum.${exit} Follow your local food code.`;
export const itIsOut = "It is out";
export const of5MinMore = "5 min more";
export const theProbeSlipped = (kind: string) =>
  kind === "takeOut" ? "The probe slipped" : "The probe is set right";
export const named = (part: string | undefined) => (part ? `the ${part}` : "it");
export const takeOutNow = (what: string) => `Take ${what} out now`;
export const theProbeIsSilent = "The probe is silent";
export const theProbeHasSlipped = "The probe has slipped";
export const outAbout = (outMs: string) => `Out about ${outMs}`;
export const headOven = "In the oven";
export const outAt = (outC: number) => `out at ${outC} °C`;
export const itClimbsMoreOnThe = (climb: string, plate: string) =>
  `It climbs ${climb} more: ${plate} on the plate.`;
export const nothingReadYet = (out: string, then: string) => `Nothing read yet; ${out}. ${then}`;
export const itLastReadNothingFor = ({
  figure,
  out,
  forMs,
}: {
  figure: string;
  out: string;
  forMs: string;
}) => `It last read ${figure}; ${out}. Nothing for ${forMs}: look at the plug, or read it by hand.`;
export const itFellByCTo = (byC: string, figure: string) =>
  `It fell by ${byC} °C to ${figure}: meat does not cool in the heat. Put it back into the thickest part.`;
export const cOver = (overC: string) => `, ${overC} °C over`;
export const theMiddleReads = (figure: ReactNode, out: ReactNode) => (
  <>
    The middle reads {figure}; {out}
  </>
);
