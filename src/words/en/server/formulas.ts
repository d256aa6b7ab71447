export const savedElsewhereMeanwhile = "Saved elsewhere meanwhile";
export const versionWasSavedWhileYou = ({
  version,
  version2,
  baseVersion,
}: {
  version: boolean;
  version2: number;
  baseVersion: number;
}) =>
  version
    ? `Version ${version2} was saved while you worked from version ${baseVersion}. Yours is still here.`
    : `There is no version ${baseVersion} yet: the newest is ${version2}.`;
