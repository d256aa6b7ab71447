export const inNothingThatDissolvesBrings = ({
  pullH,
  wanted,
  nearest,
}: {
  pullH: string;
  wanted: string;
  nearest: undefined | string;
}) =>
  `In ${pullH} nothing that dissolves brings ${wanted} %: at the strongest it is ${nearest} %. More time, thinner pieces or slashes do.`;
export const evenAtItsWeakestIt = (nearest: undefined | string, pullH: string) =>
  `Even at its weakest it brings ${nearest} % in ${pullH}. Less time does, or a gentle brine.`;
export const itDoesNotReachWithin = (wanted: string, nearest: undefined | string) =>
  `It does not reach ${wanted} % within four days: by then it is ${nearest} %.`;
export const asItStandsNoStrength = "As it stands no strength can be worked out.";
