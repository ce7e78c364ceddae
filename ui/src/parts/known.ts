/** Of what was kept in this browser by an older page: what the page knows today. The server refuses what it does not. */
export const knownOf = <T extends object>(known: object, kept: T): T =>
  Object.fromEntries(Object.entries(kept).filter(([field]) => field in known)) as T;
