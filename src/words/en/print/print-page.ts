export const back = "Back";
export const printSheetAndLabels = "Print sheet and labels";
