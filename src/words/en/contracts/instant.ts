export const giveTheTimeAsUtc = "Give the time as UTC milliseconds after 2020.";
export const beforeTheYear2100 = "Give the time as UTC milliseconds before 2100.";
