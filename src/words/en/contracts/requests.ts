export const nameAnIanaTimeZone = "Name an IANA time zone, such as Europe/London.";
