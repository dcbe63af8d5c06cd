const DAY = new Intl.DateTimeFormat('en-GB', {
  ...{ weekday: 'short', day: 'numeric', month: 'short', timeZone: 'UTC' },
});

/** "Mon 30 Nov" of a day 2026-11-30, or of a moment on it: its parts, as browsers join them in other ways. */
export function dayText(at: string): string {
  const parts = DAY.formatToParts(new Date(`${at.slice(0, 10)}T00:00Z`));
  const of = (type: string): string => parts.find((part) => part.type === type)?.value ?? '';
  return `${of('weekday')} ${of('day')} ${of('month')}`;
}

/** "09:30" of a moment. */
export const clockText = (at: string): string => at.slice(11, 16);

/** "Mon 30 Nov, 09:30". */
export const momentText = (at: string): string => `${dayText(at)}, ${clockText(at)}`;
