import type { ReactNode } from "react";
export const version = (branchedFromName: string, version: number) =>
  `${branchedFromName}, version ${version}`;
export const branchedFrom = (branchedFromName: ReactNode) => <>branched from {branchedFromName}</>;
export const stores = "Stores";
export const toTheBench = "To the Bench";
export const differences = "Differences";
export const versionOfVersion = (version: number) => `Version ${version}`;
export const versionTo = (version: number, version2: number) => `Version ${version} to ${version2}`;
export const shareIt = "Share it";
