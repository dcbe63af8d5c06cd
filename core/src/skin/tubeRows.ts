import * as say from './words.ts';
import { zoneOf, type CoatZone } from '../anatomy/coat.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { asInput, input, type Working, type WorkingInput } from '../piece/working.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import { nearestWhole } from './planting.ts';
import type { Tube } from './tubes.ts';

/** Rows of scales over a tube. */
export interface TubeRows {
  readonly round: Working;
  readonly along: Working;
  readonly pitch: Working;
  /** Width of a scale where the tube is thickest. */
  readonly width: Working;
  /** Share of the girth that the belly plates take; 0 without. */
  readonly bellyShare: number;
  /** Width of a belly plate where the tube is thickest; null without. */
  readonly belly: Working | null;
  readonly keeled: boolean;
  /** Plates along the back, side by side and one after the other; null without. */
  readonly back: { readonly across: number; readonly along: number } | null;
}

/** Belly plates take a third of the girth. Common practice. */
const BELLY_SHARE = 1 / 3;
/** Share of the girth that large plates of the back take. Common practice. */
export const BACK_SHARE = 0.42;
/** A scale is seen of its length but for what lies under the one before. Common practice. */
const SCALE_SEEN = 0.8;

/** What every number of a tube has. */
export const ofTube = ({ id }: Tube, what: string) =>
  ({ id: `skin.tube.${id}.${what}`, stage: 'skin', provenance: 'derived' }) as const;

/** The zone of scales that a tube is mostly covered with; undefined without one. */
function scaleZone({ animal, byId }: Skeleton, { stations }: Tube): CoatZone | undefined {
  const middle = stations[Math.floor(stations.length / 2)]!;
  const key = byId.get(middle.boneId)?.key ?? '';
  const zone = zoneOf(animal.coat, key, 'side');
  return zone?.covering === 'scale' ? zone : undefined;
}

const countsFor = (skeleton: Skeleton, { stations }: Tube) =>
  skeleton.animal.scaleCounts?.find(({ bones }) => {
    const middle = stations[Math.floor(stations.length / 2)]!;
    return bones.includes(skeleton.byId.get(middle.boneId)?.key ?? '');
  });

/** What the numbers of a tube's rows are made from. */
interface Scaled {
  readonly tube: Tube;
  readonly zone: CoatZone;
  readonly girth: Working;
  readonly length: Working;
  readonly sides: WorkingInput;
  readonly bellyShare: number;
}

/** The rows of scales of a tube: as the user set them, as they are counted, or by their size; null without scales. */
export function tubeRows(
  tube: Tube,
  skeleton: Skeleton,
  skin: Workpiece['skin'],
  scale: Working,
  { girth, length }: { readonly girth: Working; readonly length: Working },
): TubeRows | null {
  const zone = scaleZone(skeleton, tube);
  if (zone === undefined || zone.hair === null || zone.lock === null) return null;
  const counts = countsFor(skeleton, tube);
  const own = skin.rows[tube.id];
  const bellyShare = counts?.belly === true ? BELLY_SHARE : 0;
  const sides = input('b', say.shareOfBelly, bellyShare, 'ratio', 'memory');
  const of = { tube, zone, girth, length, sides, bellyShare };
  const widthMm = (skin.zones[zone.id]?.wideMm ?? zone.lock.mm) / scale.value;
  const longMm = (SCALE_SEEN * (skin.zones[zone.id]?.hairMm ?? zone.hair.mm)) / scale.value;
  const round = roundWorking(of, widthMm, own?.round ?? null, counts?.round ?? null);
  const along = alongWorking(of, longMm, own?.along ?? null, counts?.along ?? null);
  const back = counts?.back;
  return {
    ...{ round, along, bellyShare, keeled: counts?.keeled ?? false },
    pitch: pitchWorking(of, along),
    width: widthWorking(of, round),
    belly: bellyShare === 0 ? null : bellyWorking(of),
    back: back === undefined ? null : { across: back.across[1], along: back.along[1] },
  };
}

type Counted = readonly [number, number, number] | null;

const roundWorking = (of: Scaled, widthMm: number, own: number | null, counted: Counted) =>
  countWorking(
    { ...ofTube(of.tube, 'round'), label: say.roundOf(of.tube.name) },
    { own, counted },
    {
      value: nearestWhole((of.girth.value * (1 - of.bellyShare)) / widthMm),
      formula: 'R = max(1, ⌊g · (1 − b) / w⌉)',
      inputs: [
        asInput('g', of.girth),
        of.sides,
        input('w', say.scaleWide, widthMm, 'mm', 'derived'),
      ],
    },
  );

const alongWorking = (of: Scaled, longMm: number, own: number | null, counted: Counted) =>
  countWorking(
    { ...ofTube(of.tube, 'along'), label: say.alongOf(of.tube.name) },
    { own, counted },
    {
      value: nearestWhole(of.length.value / longMm),
      formula: 'N = max(1, ⌊L / p⌉)',
      inputs: [asInput('L', of.length), input('p', say.scaleSeen, longMm, 'mm', 'derived')],
    },
  );

const pitchWorking = ({ tube, length }: Scaled, along: Working): Working => ({
  ...ofTube(tube, 'pitch'),
  label: say.pitchOf(tube.name),
  value: length.value / along.value,
  unit: 'mm',
  digits: 2,
  formula: 'p = L / N',
  inputs: [asInput('L', length), asInput('N', along)],
  source: say.rowsFillLength,
});

const widthWorking = ({ tube, girth, sides, bellyShare }: Scaled, round: Working): Working => ({
  ...ofTube(tube, 'width'),
  label: say.scaleWidthOf(tube.name),
  value: (girth.value * (1 - bellyShare)) / round.value,
  unit: 'mm',
  digits: 2,
  formula: 'w = g · (1 − b) / R',
  inputs: [asInput('g', girth), sides, asInput('R', round)],
  source: say.rowsAndBellySum,
});

const bellyWorking = ({ tube, girth, sides, bellyShare }: Scaled): Working => ({
  ...ofTube(tube, 'belly'),
  label: say.bellyOf(tube.name),
  value: bellyShare * girth.value,
  unit: 'mm',
  formula: 'B = b · g',
  inputs: [sides, asInput('g', girth)],
  source: say.rowsAndBellySum,
});

/** A count that the user set, that zoologists give, or that follows from the size of a scale. */
function countWorking(
  head: Pick<Working, 'id' | 'stage' | 'label' | 'provenance'>,
  told: {
    readonly own: number | null;
    readonly counted: Counted;
  },
  derived: Pick<Working, 'value' | 'inputs'> & { readonly formula: string },
): Working {
  const { own, counted } = told;
  if (own === null && counted === null)
    return { ...head, ...derived, unit: 'count', source: say.scalesByTheirSize };
  const value = own ?? counted![1];
  const provenance = own === null ? 'memory' : 'own';
  return {
    ...head,
    ...{ value, unit: 'count', provenance, formula: 'x' },
    inputs: [
      input('x', own === null ? say.countedInAnimal : say.setByYou, value, 'count', provenance),
    ],
    source: own === null ? say.libraryOfAnimals : say.decidedByYou,
    ...(counted === null ? {} : { range: [counted[0], counted[2]] as const }),
  };
}
