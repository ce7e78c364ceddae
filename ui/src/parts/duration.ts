const HOUR = 60;
const DAY = 24 * HOUR;
/** Minutes: up to here a wait is told in minutes, and up to there in hours, as steps and cards of care tell it. */
const IN_MINUTES = 2 * HOUR;
const IN_HOURS = 5 * DAY;

/** How long hands or a machine take: `12 min`, never less than one. */
export const inMinutes = (minutes: number): string => `${Math.max(1, Math.round(minutes))} min`;

/** How long a step takes, in a sentence: `a minute`, `12 min`. */
export const aboutMinutes = (minutes: number): string => (minutes < 1.5 ? 'a minute' : inMinutes(minutes));

/** How long something waits: `90 min`, `72 h`, `28 days`. */
export const inWaits = (minutes: number): string =>
  minutes < IN_MINUTES
    ? `${Math.round(minutes)} min`
    : minutes <= IN_HOURS
      ? `${Math.round(minutes / HOUR)} h`
      : `${Math.round(minutes / DAY)} days`;
