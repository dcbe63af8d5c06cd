import ical from 'ical-generator';
import type { Booking } from '../bench/schedulePlan.ts';

/**
 * Work that is booked as an iCalendar file (RFC 5545), in the clock of whoever opens it: what takes the hands or the
 * oven, one event each. `stamp` is when it was written. Ids stay with piece, step and part, so that a later file moves
 * the events of an earlier one.
 */
export function calendarIcs(
  name: string,
  bookings: readonly Booking[],
  nameOf: (piece: string) => string,
  stamp: Date,
): string {
  const calendar = ical({
    name,
    prodId: { company: 'Keen Sinew', product: 'Bench', language: 'EN' },
  });
  for (const { piece, step, title, part, parts, occupies, start, end } of bookings) {
    if (occupies === 'nothing') continue;
    calendar.createEvent({
      id: `${piece}.${step}.${part}@keen-sinew`,
      // Floating times are written by their parts in UTC, whatever clock this runs on.
      ...{ start: new Date(`${start}:00Z`), end: new Date(`${end}:00Z`), floating: true, stamp },
      summary: `${nameOf(piece)}: ${title}${parts > 1 ? ` (${part}/${parts})` : ''}`,
    });
  }
  return `${calendar.toString()}\r\n`;
}
