export const coreTemperatureReadingsTheLast = ({
  readingsCount,
  coreC,
  outC,
}: {
  readingsCount: number;
  coreC: string;
  outC: string;
}) => `Core temperature, ${readingsCount} readings, the last ${coreC}; out at ${outC}.`;
export const coreTemperatureNothingReadYet = (outC: string) =>
  `Core temperature: nothing read yet; out at ${outC}.`;
export const endsAt = (temperature: string, atMinimum: boolean) =>
  `ends ${temperature}${atMinimum ? ", at the official minimum" : ""}`;
export const outAt = (temperature: string) => `out at ${temperature}`;
export const officialMinimum = (temperature: string) => `official minimum ${temperature}`;
