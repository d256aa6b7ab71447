import { useSyncExternalStore } from "react";

const never = () => () => {};

/** The address this kitchen is reached at; empty until the browser has said it. */
export const useOrigin = (): string =>
  useSyncExternalStore(
    never,
    () => window.location.origin,
    () => "",
  );
