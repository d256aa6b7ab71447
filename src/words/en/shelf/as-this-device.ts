export const measures = { metric: "metric measures", us: "US measures" };
export const timeAnd = (timeZone: string, measures: string) => `${timeZone} time and ${measures}`;
export const thisKitchenKeepsYourDevice = (kitchen: string, device: string) =>
  `This kitchen keeps ${kitchen}. Your device uses ${device}.`;
export const useMyDevices = "Use my device’s";
