export const overdueBy = (late: boolean) => (late ? "overdue by" : "in");
export const late = "late";
