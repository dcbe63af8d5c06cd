import {
  PLAIN_MARKING,
  type Marking,
  type MarkingKind,
  type MarkingPlace,
} from '../anatomy/marking.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { onRun, runsOf } from '../markings/runs.ts';

/** What a new marking may be, by what a painter calls it. */
export const MARKING_STARTERS = [
  'gradient',
  'mask',
  'collar',
  'eye-line',
  'back-line',
  'stripes',
  'rings',
  'saddles',
  'zigzag',
  'spots',
  'rosettes',
  'eyespots',
  'marbling',
  'flush',
  'patch',
  'wing-border',
  'wing-veins',
  'wing-dots',
  'wing-bars',
  'wing-tip',
  'wing-spot',
  'feather-edges',
  'feather-bars',
] as const;
export type MarkingStarter = (typeof MARKING_STARTERS)[number];

/** Where on an animal a new marking begins: shares of the column from the front, and degrees from the back. */
interface Start extends Partial<Omit<Marking, 'places' | 'kind'>> {
  readonly kind: MarkingKind;
  readonly at?: readonly (readonly [along: number, around: number])[];
}

/** Sizes as shares of a twentieth of the column. Common practice: to begin with, and to be changed. */
const STARTS: Readonly<Record<MarkingStarter, Start>> = {
  gradient: {
    ...{ kind: 'field', widthMm: 0.6, edge: 'soft', edgeMm: 1.2 },
    at: [
      [0.1, 110],
      [0.75, 180],
    ],
  },
  mask: {
    ...{ kind: 'patch', widthMm: 0.5, edge: 'soft', edgeMm: 0.2 },
    at: [
      [0.03, 40],
      [0.08, 50],
      [0.1, 90],
      [0.05, 110],
      [0.02, 90],
    ],
  },
  collar: {
    kind: 'field',
    widthMm: 0.3,
    at: [
      [0.14, 0],
      [0.18, 180],
    ],
  },
  'eye-line': {
    kind: 'line',
    widthMm: 0.2,
    at: [
      [0.03, 70],
      [0.08, 78],
      [0.12, 74],
    ],
  },
  'back-line': {
    ...{ kind: 'stripes', repeats: 1, widthMm: 0.5 },
    at: [
      [0.15, 0],
      [0.8, 0],
    ],
  },
  stripes: {
    ...{ kind: 'stripes', repeats: 3, widthMm: 0.3 },
    at: [
      [0.15, 20],
      [0.8, 80],
    ],
  },
  rings: {
    kind: 'rings',
    bands: [
      { colour: 0, mm: 0.6, speckle: 0 },
      { colour: null, mm: 0.8, speckle: 0 },
    ],
    at: [
      [0.2, 0],
      [0.9, 180],
    ],
  },
  saddles: {
    kind: 'rings',
    bands: [
      { colour: 0, mm: 0.7, speckle: 0 },
      { colour: null, mm: 0.9, speckle: 0 },
    ],
    at: [
      [0.2, 0],
      [0.85, 70],
    ],
  },
  zigzag: {
    ...{ kind: 'zigzag', widthMm: 0.3, lengthMm: 0.5, stepMm: 0.9 },
    at: [
      [0.1, 0],
      [0.9, 0],
    ],
  },
  spots: {
    ...{ kind: 'spots', widthMm: 0.3, stepMm: 0.8, vary: 0.5 },
    at: [
      [0.2, 10],
      [0.75, 110],
    ],
  },
  rosettes: {
    ...{ kind: 'rosettes', widthMm: 0.6, stepMm: 0.9, vary: 0.5 },
    at: [
      [0.2, 10],
      [0.75, 110],
    ],
  },
  eyespots: {
    ...{ kind: 'eyespots', widthMm: 0.6, stepMm: 1.4, vary: 0.2 },
    at: [
      [0.2, 40],
      [0.75, 90],
    ],
  },
  marbling: {
    ...{ kind: 'marbling', widthMm: 0.7, share: 0.4 },
    at: [
      [0.2, 0],
      [0.75, 110],
    ],
  },
  flush: {
    ...{ kind: 'patch', widthMm: 0.6, lengthMm: 0.9, edge: 'soft', edgeMm: 0.4 },
    at: [[0.04, 80]],
  },
  patch: { kind: 'patch', widthMm: 0.8, lengthMm: 1.2, at: [[0.4, 60]] },
  'wing-border': { kind: 'wing-border', widthMm: 0.2 },
  'wing-veins': { kind: 'wing-veins', widthMm: 0.05 },
  'wing-dots': { kind: 'wing-dots', widthMm: 0.3, share: 0.8 },
  'wing-bars': { kind: 'wing-bars', widthMm: 0.3, stepMm: 0.8 },
  'wing-tip': { kind: 'wing-tip', share: 0.8, edge: 'soft', edgeMm: 0.2 },
  'wing-spot': { kind: 'wing-spot', widthMm: 0.8, lengthMm: 0, share: 0.7 },
  'feather-edges': { kind: 'feather-edges', widthMm: 0.05 },
  'feather-bars': { kind: 'feather-bars', widthMm: 0.2, stepMm: 0.6 },
};

/** Colours that a new marking begins with. Common practice. */
const DARK = '#3a2f26';
const PALE = '#d9cdb8';
const COLOURS: Partial<Readonly<Record<MarkingStarter, readonly string[]>>> = {
  gradient: [PALE],
  flush: ['#a8645a'],
  rosettes: [DARK, '#a57c4a'],
  eyespots: [DARK, '#c9a24a', '#20242e'],
  'wing-spot': [DARK, '#c9a24a', '#20242e'],
  'feather-edges': [PALE],
};

/** Whether an animal has what a marking of this kind lies on. */
export const canStart = ({ animal }: Skeleton, starter: MarkingStarter): boolean =>
  starter.startsWith('wing-')
    ? (animal.blades ?? []).length > 0
    : starter.startsWith('feather-')
      ? animal.coat.some(({ covering }) => covering === 'feather')
      : true;

/** Smaller than this nothing of a marking is, life mm. */
const LEAST_MM = 0.05;

/** A new marking, as large as the animal asks for. */
export function newMarking(
  skeleton: Skeleton,
  starter: MarkingStarter,
  id: string,
  name: string,
): Marking {
  const { at = [], ...start } = STARTS[starter];
  const column = runsOf(skeleton)[0]!;
  const unit = column.lengthMm / 20;
  const size = (share: number): number => Math.max(LEAST_MM, Math.round(share * unit * 100) / 100);
  const hexes = COLOURS[starter] ?? [DARK];
  return {
    ...PLAIN_MARKING,
    ...start,
    ...{ id, name },
    colours: hexes.map((hex, i) => ({ name: i === 0 ? name : `${name}, ${i + 1}`, hex })),
    places: at.map(([share, around]): MarkingPlace => ({
      ...onRun(column, share * column.lengthMm),
      around,
    })),
    part: partFor(skeleton, start.kind),
    widthMm: size(start.widthMm ?? 0.4),
    stepMm: size(start.stepMm ?? 1),
    lengthMm: start.lengthMm === 0 ? 0 : size(start.lengthMm ?? 1),
    edgeMm: size(start.edgeMm ?? 0.2),
    bands: (start.bands ?? []).map((band) => ({ ...band, mm: size(band.mm) })),
  };
}

/** The first blade, or the first feathered zone, where a kind lies on one. */
function partFor({ animal }: Skeleton, kind: MarkingKind): string | null {
  if (kind.startsWith('wing-')) return animal.blades?.[0]?.id ?? null;
  if (!kind.startsWith('feather-')) return null;
  return animal.coat.find(({ covering }) => covering === 'feather')?.id ?? null;
}
