/** Chosen as the binder of a paste that clings by itself: oil and herbs, miso, mustard. */
export const NO_BINDER = "none";
