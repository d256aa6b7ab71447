export const aWeightIsNotNegative = "A weight is not negative: check the tare.";
export const readsBetweenAnd = ({
  channel,
  min,
  max,
  unit,
}: {
  channel: string;
  min: number;
  max: number;
  unit: string;
}) => `${channel} reads between ${min} and ${max} ${unit}.`;
export const readsIn = (channel: string, own: string) => `${channel} reads in ${own}.`;
