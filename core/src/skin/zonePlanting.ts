import * as say from './words.ts';
import type { CoatZone } from '../anatomy/coat.ts';
import type { CoatMethod } from '../piece/skinSchema.ts';
import { asInput, input, type Working, type WorkingInput } from '../piece/working.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import { fibreGrams, nearestWhole, plantedCount, spacings } from './planting.ts';

/** What is stuck on a zone: its hairs, tufts and rows, and what is bought for it. */
export interface ZonePlanting {
  readonly method: CoatMethod;
  readonly hairs: Working;
  readonly tufts: Working;
  /** From one tuft to the next, and from row to row. */
  readonly spacing: Working;
  readonly rowGap: Working;
  /** Length to cut: what is seen, the root, and what is trimmed off. */
  readonly cut: Working;
  readonly grams: Working;
  readonly glue: Working;
  readonly minutes: Working;
  /** Metres of weft, where it is laid in rows. */
  readonly weft: Working | null;
}

/** Hairs on a square centimetre of the model, where nobody said. Common practice. */
const PER_CM2: Readonly<Partial<Record<CoatMethod, number>>> = {
  planted: 220,
  fibre: 320,
  flock: 900,
  wefts: 320,
};
/** Wefts lie so far apart against the length of their hair. Common practice. */
const WEFT_SHARE = 0.3;
/** Flock is shaken on, and a row of weft glued on, in so many seconds a square centimetre. Common practice. */
const BY_AREA_S: Readonly<Partial<Record<CoatMethod, number>>> = { flock: 6, wefts: 25 };

/** A zone that something is planted on, with all that its numbers are made from. */
interface Planted {
  readonly zone: CoatZone;
  readonly skin: Workpiece['skin'];
  readonly method: CoatMethod;
  readonly length: Working;
  readonly area: Working;
  readonly perCm2: number;
  readonly perTuft: number;
  readonly density: WorkingInput;
  readonly tuft: WorkingInput;
}

const oneCm2 = input('c', say.oneCm2, 1, 'cm2', 'derived');

/** What is planted on a zone; null where nothing is, or a pelt that is bought whole, or the area is not known. */
export function zonePlanting(
  zone: CoatZone,
  skin: Workpiece['skin'],
  method: CoatMethod,
  length: Working,
  area: Working | null,
): ZonePlanting | null {
  const usual = PER_CM2[method];
  if (usual === undefined || area === null) return null;
  const own = skin.zones[zone.id]?.perCm2 ?? null;
  const perCm2 = own ?? usual;
  const isFlock = method === 'flock';
  const perTuft = isFlock ? 1 : skin.fibre.hairsPerTuft;
  const of: Planted = {
    ...{ zone, skin, method, length, area, perCm2, perTuft },
    density: input('D', say.hairsOnCm2, perCm2, 'count', own === null ? 'memory' : 'own'),
    tuft: input('h', say.hairsInTuft, perTuft, 'count', isFlock ? 'derived' : 'own'),
  };
  const hairs = hairsWorking(of);
  const tufts = tuftsWorking(of, hairs);
  const spacing = spacingWorking(of);
  const rowGap = rowGapWorking(of, spacing);
  const cut = cutWorking(of);
  return {
    ...{ method, hairs, tufts, spacing, rowGap, cut },
    grams: gramsWorking(of, hairs, cut),
    glue: glueWorking(of),
    minutes: minutesWorking(of, tufts),
    weft: method === 'wefts' ? weftWorking(of, rowGap) : null,
  };
}

const common = ({ zone }: Planted, what: string) =>
  ({
    id: `skin.zone.${zone.id}.${what}`,
    stage: 'skin',
    provenance: 'derived',
    target: { kind: 'zone', id: zone.id },
  }) as const;

const hairsWorking = (of: Planted): Working => ({
  ...common(of, 'hairs'),
  label: say.hairsOf(of.zone.name),
  value: nearestWhole(plantedCount(100 * of.area.value, of.perCm2)),
  unit: 'count',
  formula: 'N = max(1, ⌊a · D / c⌉)',
  inputs: [asInput('a', of.area), of.density, oneCm2],
  source: say.densityTimesArea,
});

const tuftsWorking = (of: Planted, hairs: Working): Working => ({
  ...common(of, 'tufts'),
  label: say.tuftsOf(of.zone.name),
  value: Math.ceil(hairs.value / of.perTuft),
  unit: 'count',
  formula: 'T = ⌈N / h⌉',
  inputs: [asInput('N', hairs), of.tuft],
  source: say.wholeTufts,
});

const spacingWorking = (of: Planted): Working => ({
  ...common(of, 'spacing'),
  label: say.spacingOf(of.zone.name),
  value: spacings(of.perCm2 / of.perTuft).hexMm,
  unit: 'mm',
  digits: 2,
  formula: 's = √(2 · c · h / (√(3) · D))',
  inputs: [of.density, of.tuft, oneCm2],
  source: say.hexagons,
});

function rowGapWorking(of: Planted, spacing: Working): Working {
  const base = {
    ...common(of, 'row-gap'),
    label: say.rowGapOf(of.zone.name),
    unit: 'mm',
    digits: 2,
  } as const;
  if (of.method === 'wefts')
    return {
      ...base,
      value: WEFT_SHARE * of.length.value,
      formula: 'r = k · l',
      inputs: [
        input('k', say.weftAgainstLength, WEFT_SHARE, 'ratio', 'memory'),
        asInput('l', of.length),
      ],
      source: say.commonPractice,
    };
  return {
    ...base,
    value: (Math.sqrt(3) / 2) * spacing.value,
    formula: 'r = √(3) / 2 · s',
    inputs: [asInput('s', spacing)],
    source: say.hexagons,
  };
}

function cutWorking(of: Planted): Working {
  const { length } = of;
  const { fibre } = of.skin;
  const base = { ...common(of, 'cut'), label: say.cutOf(of.zone.name), unit: 'mm' } as const;
  if (of.method === 'flock')
    return {
      ...base,
      ...{ value: length.value, formula: 'l', inputs: [asInput('l', length)] },
      source: say.flockIsBoughtCut,
    };
  return {
    ...base,
    value: length.value * (1 + fibre.trimPercent / 100) + fibre.rootMm,
    formula: 'c = l · (1 + t) + r',
    inputs: [
      asInput('l', length),
      input('t', say.trimmedOff, fibre.trimPercent, 'percent', 'own'),
      input('r', say.rootInGlue, fibre.rootMm, 'mm', 'own'),
    ],
    source: say.plantedLongTrimmed,
  };
}

function gramsWorking(of: Planted, hairs: Working, cut: Working): Working {
  const { fibre } = of.skin;
  const plain = fibreGrams(hairs.value, cut.value, fibre.micrometre, fibre.gPerMl);
  return {
    ...common(of, 'grams'),
    label: say.gramsOf(of.zone.name),
    value: plain * (1 + fibre.sparePercent / 100),
    unit: 'g',
    digits: 1,
    formula: 'm = N · c · π · d² / 4 · ρ · (1 + s)',
    inputs: [
      asInput('N', hairs),
      asInput('c', cut),
      input('d', say.fibreThick, fibre.micrometre / 1000, 'mm', 'own'),
      input('ρ', say.fibreDensity, fibre.gPerMl, 'g/ml', 'own'),
      input('s', say.spareFibre, fibre.sparePercent, 'percent', 'own'),
    ],
    source: say.solidRoundFibres,
  };
}

const glueWorking = (of: Planted): Working => ({
  ...common(of, 'glue'),
  label: say.glueOf(of.zone.name),
  value: of.skin.fibre.glueMlPerCm2 * of.area.value,
  unit: 'ml',
  digits: 1,
  formula: 'g = q · a / c',
  inputs: [
    input('q', say.glueOnCm2, of.skin.fibre.glueMlPerCm2, 'ml', 'own'),
    asInput('a', of.area),
    oneCm2,
  ],
  source: say.commonPractice,
});

const weftWorking = (of: Planted, rowGap: Working): Working => ({
  ...common(of, 'weft'),
  label: say.weftOf(of.zone.name),
  value: (100 * of.area.value) / rowGap.value / 1000,
  unit: 'm',
  digits: 2,
  formula: 'm = a / r',
  inputs: [asInput('a', of.area), asInput('r', rowGap)],
  source: say.rowsEdgeToEdge,
});

function minutesWorking(of: Planted, tufts: Working): Working {
  const byArea = BY_AREA_S[of.method];
  const base = {
    ...common(of, 'minutes'),
    label: say.minutesOf(of.zone.name),
    unit: 'min',
  } as const;
  if (byArea !== undefined)
    return {
      ...base,
      value: (of.area.value * byArea) / 60,
      formula: 't = a · q / c',
      inputs: [asInput('a', of.area), input('q', say.secondsOnCm2, byArea, 's', 'memory'), oneCm2],
      source: say.commonPractice,
    };
  const { tuftS } = of.skin.pace;
  return {
    ...base,
    value: (tufts.value * tuftS) / 60,
    formula: 't = T · q',
    inputs: [asInput('T', tufts), input('q', say.secondsATuft, tuftS, 's', 'own')],
    source: say.paceOfYours,
  };
}
