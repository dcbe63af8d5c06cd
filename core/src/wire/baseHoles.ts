import type { Piece } from '../piece/pieceSchema.ts';
import type { Snag } from '../piece/snag.ts';
import { input, type Working } from '../piece/working.ts';
import type { StancePlan } from '../stance/planStance.ts';

/** Room for the wire to be pushed through: common practice. */
const HOLE_CLEARANCE_MM = 0.3;
/** Wood left beside a hole so that it does not split: common practice. */
const EDGE_MM = 12;
/** Default overhang of the base beyond the outermost feet: common practice. */
const OVERHANG_MM = 30;
/** Boards are cut to full steps of this. */
const BOARD_STEP_MM = 5;

/** A hole of the base, from the front left corner: `alongMm` backwards, `acrossMm` to the right. */
export interface Hole {
  readonly number: number;
  readonly foot: string;
  readonly contactId: string;
  readonly along: Working;
  readonly across: Working;
  readonly diameter: Working;
  /** Plan position in the animal's axes. */
  readonly x: number;
  readonly z: number;
}

/** The base as a drilled board; `front` and `left` are its edges in the animal's axes. */
export interface BasePlan {
  readonly frontX: number;
  readonly leftZ: number;
  readonly length: Working;
  readonly width: Working;
  readonly thicknessMm: number;
  readonly holes: readonly Hole[];
  readonly snags: readonly Snag[];
}

/**
 * Hole positions under the pegs. Pegs run straight down, so the angle of entry is square to the
 * board. The board is centred under the holes; its size is the user's or follows from the feet.
 * `pegMm` tells the wire's diameter under a foot.
 */
export function planBase(
  stance: StancePlan,
  base: Piece['stance']['base'],
  pegMm: (contactId: string) => number,
): BasePlan {
  const feet = stance.feet.filter((foot) => foot.down);
  const xs = feet.map((foot) => foot.ball[0]);
  const zs = feet.map((foot) => foot.ball[2]);
  const length = boardWorking('length', 'Base, front to back', xs, base.lengthMm);
  const width = boardWorking('width', 'Base, left to right', zs, base.widthMm);
  const frontX = middle(xs) + length.value / 2;
  const leftZ = middle(zs) - width.value / 2;
  const holes = feet
    .toSorted((a, b) => b.ball[0] - a.ball[0])
    .map((foot, i): Hole => {
      const number = i + 1;
      const target = { kind: 'hole', id: foot.contact.id } as const;
      const place = (
        what: 'along' | 'across' | 'diameter',
        value: number,
        label: string,
      ): Working => ({
        id: `base.hole.${number}.${what}`,
        stage: 'wire',
        label: `Hole ${number}, ${label}`,
        value,
        unit: 'mm',
        provenance: 'derived',
        formula: 'place of the ball of the foot, straight down',
        inputs: [],
        source: `peg of the ${foot.contact.name}, as posed`,
        target,
      });
      const wire = pegMm(foot.contact.id);
      return {
        number,
        foot: foot.contact.name,
        contactId: foot.contact.id,
        x: foot.ball[0],
        z: foot.ball[2],
        along: place('along', frontX - foot.ball[0], 'from the front edge'),
        across: place('across', foot.ball[2] - leftZ, 'from the left edge'),
        diameter: {
          ...place('diameter', wire + HOLE_CLEARANCE_MM, 'drill'),
          formula: 'drill = d + clearance',
          inputs: [
            input('d', 'Wire', wire, 'mm', 'own'),
            input('clearance', 'Clearance', HOLE_CLEARANCE_MM, 'mm', 'memory'),
          ],
          source: 'common practice',
        },
      };
    });
  const snags = holes.flatMap((hole) => edgeSnag(hole, length.value, width.value));
  return { frontX, leftZ, length, width, thicknessMm: base.thicknessMm, holes, snags };
}

const middle = (values: readonly number[]): number =>
  values.length === 0 ? 0 : (Math.min(...values) + Math.max(...values)) / 2;

function boardWorking(
  id: string,
  label: string,
  at: readonly number[],
  own: number | null,
): Working {
  const spread = at.length === 0 ? 0 : Math.max(...at) - Math.min(...at);
  const fitted = Math.ceil((spread + 2 * OVERHANG_MM) / BOARD_STEP_MM) * BOARD_STEP_MM;
  return {
    id: `base.${id}`,
    stage: 'wire',
    label,
    value: own ?? fitted,
    unit: 'mm',
    provenance: own === null ? 'derived' : 'own',
    formula: own === null ? 'spread of the feet + 2 · overhang, up to full 5 mm' : 'as set',
    inputs: [
      input('spread', 'Spread of the feet', spread, 'mm', 'derived'),
      input('overhang', 'Overhang', OVERHANG_MM, 'mm', 'memory'),
    ],
    source: 'common practice',
    target: { kind: 'piece', id: 'base' },
  };
}

function edgeSnag(hole: Hole, lengthMm: number, widthMm: number): readonly Snag[] {
  const { along, across } = hole;
  const nearest = Math.min(
    along.value,
    lengthMm - along.value,
    across.value,
    widthMm - across.value,
  );
  if (nearest >= EDGE_MM) return [];
  return [
    {
      code: 'feet-off-board',
      grade: 'fix',
      stage: 'wire',
      target: { kind: 'hole', id: hole.contactId },
      facts: { foot: hole.foot, overMm: EDGE_MM - nearest },
    },
  ];
}
