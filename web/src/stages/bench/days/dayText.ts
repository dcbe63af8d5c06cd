const DAY = new Intl.DateTimeFormat('en-GB', {
  ...{ weekday: 'short', day: 'numeric', month: 'short', timeZone: 'UTC' },
});

/** "Mon 30 Nov" of a day 2026-11-30, or of a moment on it. */
export const dayText = (at: string): string => DAY.format(new Date(`${at.slice(0, 10)}T00:00Z`));

/** "09:30" of a moment. */
export const clockText = (at: string): string => at.slice(11, 16);

/** "Mon 30 Nov, 09:30". */
export const momentText = (at: string): string => `${dayText(at)}, ${clockText(at)}`;
