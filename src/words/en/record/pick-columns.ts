export const columns = "Columns";
export const columnsThatAreShown = "Columns that are shown";
