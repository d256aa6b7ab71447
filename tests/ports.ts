/* Where the servers of the tests listen. */

export const FIRST_PORT = 3100;
/** Servers of one worker lie so far apart from another's. */
export const PORTS_A_WORKER = 20;
/** Of a worker's ports that of its second server. */
export const SPARE = 19;
