export const overdueBy = "overdue by";
export const late = "late";
