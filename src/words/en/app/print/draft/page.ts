export const weighOutSheet = "Weigh-out sheet";
