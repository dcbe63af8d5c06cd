import * as say from './words.ts';
import type { Working } from '../../piece/working.ts';
import type { Plan } from '../../planTypes.ts';
import { quantityText } from '../../units/quantity.ts';
import type { Drawing } from '../drawing.ts';
import { wordSheet, type WordPart } from '../wordSheet.ts';
import { zoneNumbers } from './numberedAreas.ts';

const told = ({ value, unit, digits }: Working): string =>
  quantityText(value, unit, 'metric', digits);

/** Markings from the bottom to the top with their numbers, areas and sizes; rings one by one from the front. */
export function markingList(plan: Plan): Drawing | undefined {
  const { markings, entries, measures } = plan.markings;
  if (markings.length === 0 || entries === null) return undefined;
  const numbers = zoneNumbers(plan);
  const numbered = (zoneId: string, name: string, hex: string): string =>
    say.numberName(numbers.get(zoneId) ?? 0, name, hex);
  const ground = (plan.colour?.zones ?? []).filter(
    ({ isMarking, isDetail }) => !isMarking && !isDetail,
  );
  const parts: WordPart[] = [
    {
      heading: say.wholeGround,
      lines: ground.map(({ zone, hex, area }) => ({
        text: numbered(zone.id, zone.name, hex),
        right: told(area),
      })),
    },
    {
      heading: say.fromBottom,
      lines: entries
        .filter(({ isHidden }) => !isHidden)
        .flatMap(({ marking, zoneId, name, hex, area, colour }) => [
          { text: numbered(zoneId, name, hex), right: told(area) },
          ...(colour === 0
            ? (measures.find(({ markingId }) => markingId === marking.id)?.sizes ?? [])
            : []
          ).map((size) => ({ text: `    ${size.label}`, right: told(size) })),
        ]),
    },
    ...measures.flatMap(({ markingId, rings }): WordPart[] => {
      const marking = markings.find(({ id }) => id === markingId);
      if (marking === undefined || rings.length === 0) return [];
      return [
        {
          heading: say.ringsHeading(marking.name),
          lines: rings.map(({ colour, from, wide }, i) => ({
            text: say.beginsAt(i + 1, marking.colours[colour]?.name ?? '', told(from)),
            right: told(wide),
          })),
        },
      ];
    }),
  ];
  parts.push(
    ...plan.markings.girths.map(({ name, places }): WordPart => ({
      heading: say.alongHeading(name),
      lines: places.map(({ at, girth }) => ({ text: say.atFrom(told(at)), right: told(girth) })),
    })),
  );
  return wordSheet('marking-list', say.markingList, parts);
}
