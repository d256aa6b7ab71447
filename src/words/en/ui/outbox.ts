export const keptOnThisDeviceSent = "Kept on this device; sent when it is online again.";
