import * as say from './words.ts';
import type { Sentence, Step } from '../piece/step.ts';
import { byHand } from './byHand.ts';
import { MINUTES } from './minutes.ts';
import type { PerchOnBoard } from './perchOnBoard.ts';
import type { WirePlan } from './wirePlan.ts';

/** Where the board is drilled for the perch: for its uprights, or for screws from below. */
export const perchSeatText = ({ perch, seats }: PerchOnBoard): Sentence =>
  seats.flatMap((seat, i): Sentence => [
    i === 0 ? say.forPerch(perch.name) : '; ',
    `${seat.name} `,
    seat.along,
    say.backBetween,
    seat.across,
    say.acrossDrill,
    seat.drill,
  ]);

/** One step for what feet stand on: it is cut, drilled for the pegs and set on the board. */
export function perchSteps({ base }: Pick<WirePlan, 'base'>): readonly Step[] {
  if (base.perch === null) return [];
  const { perch, seats } = base.perch;
  const holes = base.holes.filter(({ into }) => into === 'perch');
  const uprights = seats.flatMap(({ upright }) => (upright === null ? [] : [upright]));
  const title = say.setPerchOn(perch.name);
  return [
    {
      id: 'wire.perch',
      stage: 'wire',
      title,
      sentence: [
        ...(perch.width === null
          ? [say.cutPerchTo(perch.name, perch.diameterMm.toFixed(0)), perch.length]
          : [say.buildRock, perch.length, ' by ', perch.width]),
        say.drillHolesIn,
        ...holes.flatMap((hole, i): Sentence => [
          say.hole2(i === 0 ? '' : '; ', hole.number),
          hole.along,
          ` ${perch.width === null && perch.kind !== 'post' ? say.roundFromTopLine : say.fromItsFront}, `,
          hole.across,
          ` ${say.fromItsLeftEnd}, `,
          hole.diameter,
          ...(hole.depth === null ? [] : [say.andDeep, hole.depth]),
        ]),
        ...(uprights.length === 0
          ? [say.screwItFromBelow]
          : [
              say.cutUprights,
              ...uprights.flatMap((mm, i) => (i === 0 ? [mm] : [', ', mm])),
              say.glueUprights,
            ]),
        perch.kind === 'rock' ? say.rockBeforeArmature : say.testPerch,
      ],
      cautions: ['drill', 'sanding'],
      needs: ['wire.drill'],
      work: 'drill',
      ...byHand({ id: 'wire.perch', title }, [
        { what: say.holesToMarkAnd, times: holes.length + uprights.length, minutes: MINUTES.hole },
        { what: say.perchToSet, times: 1, minutes: MINUTES.mount },
      ]),
    },
  ];
}
