/**
 * An hour that is offered is read, thought about and then taken: so long it must be possible still, ms. The earliest there is
 * would be too late by the time it is tapped. *Practice*.
 */
export const TAKEN_WITHIN_MS = 10 * 60_000;
