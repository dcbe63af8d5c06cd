import * as say from './words.ts';
import { asInput, input, type Working } from '../piece/working.ts';
import { firstMasses } from '../body/firstMasses.ts';
import { centreOfMass } from '../body/massCentre.ts';
import { weightOf } from '../body/supports.ts';
import type { Perch, PerchSupport } from '../stance/perch.ts';
import { diameterForMoment } from './sections.ts';
import type { WireSetting } from './wireSetting.ts';

/** Where a perch meets the board, from the board's front left corner, and what holds it there. */
export interface PerchSeat {
  readonly name: string;
  readonly along: Working;
  readonly across: Working;
  /** Of the hole in the board: for an upright, or for a screw from below. */
  readonly drill: Working;
  /** An upright to cut: from the bottom of its hole up into the branch; null where a screw holds. */
  readonly upright: Working | null;
  readonly x: number;
  readonly z: number;
}

/** A perch as it is set on the board. */
export interface PerchOnBoard {
  readonly perch: Perch;
  readonly seats: readonly PerchSeat[];
  /** How thick its uprights are; null where it lies on the board. */
  readonly thick: Working | null;
  readonly hardware: readonly Working[];
  readonly workings: readonly Working[];
}

/** Dowels as they are sold, mm: common practice. */
export const DOWELS_MM = [6, 8, 10, 12, 16, 20, 25] as const;
/** Bending strength of beech dowel with a factor of four, MPa: from memory. */
const DOWEL_MPA = 25;
/** A piece is pushed: at least this share of its height as a lever. Common practice. */
const PUSHED_SHARE = 0.2;
/** A wood screw from below, and its clearance hole, mm: common practice. */
const SCREW_MM = { diameter: 4, hole: 4.5, intoPerch: 20 } as const;
/** An upright stands this share of the board deep in it, and of the branch in that: common practice. */
const UPRIGHT_SHARE = { board: 0.8, branch: 0.5 } as const;

/** The board's frame: its front edge and its left edge, mm. */
export interface BoardEdges {
  readonly frontX: number;
  readonly leftZ: number;
}

/** Seats, uprights and screws of the perch of a stance; null where it stands on none. */
export function perchOnBoard(setting: WireSetting, edges: BoardEdges): PerchOnBoard | null {
  const { perch, hold } = setting.stance;
  // What stands free has no board, and what it stands on is another's.
  if (perch === null || hold !== 'base') return null;
  const thick = perch.kind === 'branch' ? uprightThickness(setting, perch) : null;
  const seats = perch.supports.map((support) => seatOf(setting, perch, support, edges, thick));
  const screws: readonly Working[] =
    thick === null ? [screwsWorking(perch, setting.base.thicknessMm + SCREW_MM.intoPerch)] : [];
  return {
    perch,
    seats,
    thick,
    hardware: screws,
    workings: [
      ...(thick === null ? [] : [thick]),
      ...seats.flatMap(({ along, across, drill, upright }) => [
        along,
        across,
        drill,
        ...(upright === null ? [] : [upright]),
      ]),
      ...screws,
    ],
  };
}

const common = {
  stage: 'wire',
  provenance: 'derived',
  target: { kind: 'piece', id: 'ground' },
} as const;

/** The thinnest dowel that bears what leans over a branch, by thin sections of one density. */
function uprightThickness({ stance }: WireSetting, perch: Perch): Working {
  const masses = firstMasses(stance.posed);
  const centre = centreOfMass(masses.map(({ at, grams }) => ({ at, mass: grams })));
  const weightN = -weightOf(masses).upN;
  const [x, y] = centre ?? perch.centre;
  const beside = Math.max(Math.abs(x - perch.centre[0]), PUSHED_SHARE * y);
  const each = (weightN * beside) / perch.supports.length;
  const needed = diameterForMoment(each, DOWEL_MPA);
  return {
    ...common,
    id: 'base.perch.thick',
    label: say.uprightsThick,
    value: DOWELS_MM.find((mm) => mm >= needed) ?? DOWELS_MM.at(-1)!,
    unit: 'mm',
    reading: {
      method: say.thinnestDowelThat,
      resolution: say.dowelsThatAreSold,
      checkedBy: 'core/src/wire/perch.test.ts',
    },
    inputs: [
      input('F', say.weightOnBranch, weightN, 'N', 'derived'),
      input('a', say.centreBesideBranch, beside, 'mm', 'derived'),
      input('σ', say.woodBearsMemory, DOWEL_MPA, 'MPa', 'memory'),
      input('d', say.thicknessNeeded, needed, 'mm', 'derived'),
    ],
    source: say.bendingOfRoundBar,
  };
}

function seatOf(
  { base }: WireSetting,
  perch: Perch,
  { name, at: [x, z], heightMm }: PerchSupport,
  { frontX, leftZ }: BoardEdges,
  thick: Working | null,
): PerchSeat {
  const place = (what: string, value: number, label: string): Working => ({
    ...common,
    id: `base.perch.${name}.${what}`,
    label: say.seat(name, label),
    value,
    unit: 'mm',
    reading: {
      method: say.placeOfSupport,
      resolution: say.exactAsDrawn,
      checkedBy: 'core/src/wire/perch.test.ts',
    },
    inputs: [],
    source: say.supportsCommonPractice,
  });
  return {
    name,
    x,
    z,
    along: place('along', frontX - x, say.fromFrontEdge),
    across: place('across', z - leftZ, say.fromLeftEdge),
    drill: {
      ...place('drill', thick?.value ?? SCREW_MM.hole, 'drill'),
      inputs:
        thick === null
          ? [input('d', say.screw, SCREW_MM.diameter, 'mm', 'memory')]
          : [asInput('d', thick)],
    },
    upright:
      thick === null
        ? null
        : {
            ...common,
            id: `base.perch.${name}.upright`,
            label: say.uprightLong(name),
            value:
              heightMm +
              UPRIGHT_SHARE.board * base.thicknessMm +
              UPRIGHT_SHARE.branch * perch.diameterMm,
            unit: 'mm',
            formula: 'L = h + a · t + b · d',
            inputs: [
              input('h', say.branchAboveBoard, heightMm, 'mm', 'own'),
              input('a', say.shareOfBoard, UPRIGHT_SHARE.board, 'ratio', 'memory'),
              input('t', say.thicknessOfBase, base.thicknessMm, 'mm', 'own'),
              input('b', say.shareOfBranch, UPRIGHT_SHARE.branch, 'ratio', 'memory'),
              input('d', say.branchThick, perch.diameterMm, 'mm', 'own'),
            ],
            source: say.supportsCommonPractice,
          },
  };
}

const screwsWorking = ({ supports }: Perch, longMm: number): Working => ({
  ...common,
  id: 'base.perch.screws',
  label: say.screwsFromBelow(SCREW_MM.diameter, longMm),
  value: supports.length,
  unit: 'count',
  formula: 'n',
  inputs: [input('n', say.placesWhereHeld, supports.length, 'count', 'derived')],
  source: say.supportsCommonPractice,
});
