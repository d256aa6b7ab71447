export const versionChanged = (version: number) => `Version ${version} changed:`;
export const bringBothTogether = "Bring both together";
export const nothingWasChangedByBoth = (conflictsCount: number, conflicts: string) =>
  conflictsCount === 0 ? "Nothing was changed by both." : `Changed by both, yours would stand: ${conflicts}.`;
