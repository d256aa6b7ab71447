export const savedElsewhereMeanwhile = "Saved elsewhere meanwhile";
export const versionWasSavedWhileYou = ({
  newer,
  newest,
  baseVersion,
}: {
  newer: boolean;
  newest: number;
  baseVersion: number;
}) =>
  newer
    ? `Version ${newest} was saved while you worked from version ${baseVersion}. Yours is still here.`
    : `There is no version ${baseVersion} yet: the newest is ${newest}.`;
export const branchedFrom = (version: number) => `Branched from version ${version}`;
export const asVersionAgain = (version: number) => `As version ${version} again`;
export const cameInAFileOrLink = "Came in a file or link";
export const savedWhenABatchWas = "Saved when a batch was started";
