/** The most bikes that one list holds: the newest; others are found by their tag or name. */
export const mostListed = 60;
