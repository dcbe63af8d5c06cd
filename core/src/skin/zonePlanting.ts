import * as say from './words.ts';
import type { CoatZone } from '../anatomy/coat.ts';
import type { CoatMethod } from '../piece/skinSchema.ts';
import { asInput, input, type Working } from '../piece/working.ts';
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
  const { fibre } = skin;
  const perCm2 = skin.zones[zone.id]?.perCm2 ?? usual;
  const from = skin.zones[zone.id]?.perCm2 == null ? 'memory' : 'own';
  const common = (what: string) =>
    ({
      id: `skin.zone.${zone.id}.${what}`,
      stage: 'skin',
      provenance: 'derived',
      target: { kind: 'zone', id: zone.id },
    }) as const;
  const density = input('D', say.hairsOnCm2, perCm2, 'count', from);
  const hairs: Working = {
    ...common('hairs'),
    label: say.hairsOf(zone.name),
    value: nearestWhole(plantedCount(100 * area.value, perCm2)),
    unit: 'count',
    formula: 'N = max(1, ⌊a · D / c⌉)',
    inputs: [asInput('a', area), density, input('c', say.oneCm2, 1, 'cm2', 'derived')],
    source: say.densityTimesArea,
  };
  const isFlock = method === 'flock';
  const perTuft = isFlock ? 1 : fibre.hairsPerTuft;
  const tuft = input('h', say.hairsInTuft, perTuft, 'count', isFlock ? 'derived' : 'own');
  const tufts: Working = {
    ...common('tufts'),
    label: say.tuftsOf(zone.name),
    value: Math.ceil(hairs.value / perTuft),
    unit: 'count',
    formula: 'T = ⌈N / h⌉',
    inputs: [asInput('N', hairs), tuft],
    source: say.wholeTufts,
  };
  const { hexMm, rowMm } = spacings(perCm2 / perTuft);
  const spacing: Working = {
    ...common('spacing'),
    label: say.spacingOf(zone.name),
    value: hexMm,
    unit: 'mm',
    digits: 2,
    formula: 's = √(2 · c · h / (√(3) · D))',
    inputs: [density, tuft, input('c', say.oneCm2, 1, 'cm2', 'derived')],
    source: say.hexagons,
  };
  const rowGap: Working = {
    ...common('row-gap'),
    label: say.rowGapOf(zone.name),
    value: method === 'wefts' ? WEFT_SHARE * length.value : rowMm,
    unit: 'mm',
    digits: 2,
    ...(method === 'wefts'
      ? {
          formula: 'r = k · l',
          inputs: [
            input('k', say.weftAgainstLength, WEFT_SHARE, 'ratio', 'memory'),
            asInput('l', length),
          ],
          source: say.commonPractice,
        }
      : { formula: 'r = √(3) / 2 · s', inputs: [asInput('s', spacing)], source: say.hexagons }),
  };
  const cut = cutWorking(common('cut'), zone, fibre, length, isFlock);
  return {
    ...{ method, hairs, tufts, spacing, rowGap, cut },
    grams: gramsWorking(common('grams'), zone, fibre, hairs, cut),
    glue: {
      ...common('glue'),
      label: say.glueOf(zone.name),
      value: fibre.glueMlPerCm2 * area.value,
      unit: 'ml',
      digits: 1,
      formula: 'g = q · a / c',
      inputs: [
        input('q', say.glueOnCm2, fibre.glueMlPerCm2, 'ml', 'own'),
        asInput('a', area),
        input('c', say.oneCm2, 1, 'cm2', 'derived'),
      ],
      source: say.commonPractice,
    },
    minutes: plantingMinutes(common('minutes'), zone, skin, method, tufts, area),
    weft:
      method !== 'wefts'
        ? null
        : {
            ...common('weft'),
            label: say.weftOf(zone.name),
            value: (100 * area.value) / rowGap.value / 1000,
            unit: 'm',
            digits: 2,
            formula: 'm = a / r',
            inputs: [asInput('a', area), asInput('r', rowGap)],
            source: say.rowsEdgeToEdge,
          },
  };
}

type Common = Pick<Working, 'id' | 'stage' | 'provenance' | 'target'>;

function cutWorking(
  common: Common,
  zone: CoatZone,
  fibre: Workpiece['skin']['fibre'],
  length: Working,
  isFlock: boolean,
): Working {
  const label = say.cutOf(zone.name);
  if (isFlock)
    return {
      ...common,
      ...{ label, value: length.value, unit: 'mm', formula: 'l', inputs: [asInput('l', length)] },
      source: say.flockIsBoughtCut,
    };
  return {
    ...common,
    label,
    value: length.value * (1 + fibre.trimPercent / 100) + fibre.rootMm,
    unit: 'mm',
    formula: 'c = l · (1 + t) + r',
    inputs: [
      asInput('l', length),
      input('t', say.trimmedOff, fibre.trimPercent, 'percent', 'own'),
      input('r', say.rootInGlue, fibre.rootMm, 'mm', 'own'),
    ],
    source: say.plantedLongTrimmed,
  };
}

const gramsWorking = (
  common: Common,
  zone: CoatZone,
  fibre: Workpiece['skin']['fibre'],
  hairs: Working,
  cut: Working,
): Working => ({
  ...common,
  label: say.gramsOf(zone.name),
  value:
    fibreGrams(hairs.value, cut.value, fibre.micrometre, fibre.gPerMl) *
    (1 + fibre.sparePercent / 100),
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
});

function plantingMinutes(
  common: Common,
  zone: CoatZone,
  { pace }: Workpiece['skin'],
  method: CoatMethod,
  tufts: Working,
  area: Working,
): Working {
  const byArea = BY_AREA_S[method];
  const base = { ...common, label: say.minutesOf(zone.name), unit: 'min' } as const;
  if (byArea !== undefined)
    return {
      ...base,
      value: (area.value * byArea) / 60,
      formula: 't = a · q / c',
      inputs: [
        asInput('a', area),
        input('q', say.secondsOnCm2, byArea, 's', 'memory'),
        input('c', say.oneCm2, 1, 'cm2', 'derived'),
      ],
      source: say.commonPractice,
    };
  return {
    ...base,
    value: (tufts.value * pace.tuftS) / 60,
    formula: 't = T · q',
    inputs: [asInput('T', tufts), input('q', say.secondsATuft, pace.tuftS, 's', 'own')],
    source: say.paceOfYours,
  };
}
