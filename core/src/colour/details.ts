import * as say from './words.ts';
import { zoneOf, type CoatZone, type Sheen } from '../anatomy/coat.ts';
import { detailId } from '../anatomy/detailIds.ts';
import type { ThingKind } from '../anatomy/thingKinds.ts';
import type { Fitting, FittingsPlan } from '../fittings/fittingsPlan.ts';
import { kindOf } from '../fittings/fittingKinds.ts';
import type { MeasurePlan } from '../measure/planMeasure.ts';
import { asInput, input, type Working, type WorkingInput } from '../piece/working.ts';
import type { SheetTarget } from '../piece/target.ts';
import type { StancePlan } from '../stance/stancePlan.ts';

/** What has a colour: a zone of the coat, or a detail beside it. */
export interface Coloured extends Pick<CoatZone, 'id' | 'name' | 'hex' | 'sheen'> {
  /** Where it is on the animal. */
  readonly target: SheetTarget;
}

/** Eyes, mouth, teeth, claws and what else is no coat, with the skin of it. */
export interface ColouredDetail {
  readonly zone: Coloured;
  readonly area: Working;
}

/** What details are told from. */
export interface DetailInputs {
  readonly measure: MeasurePlan;
  readonly stance: StancePlan;
  readonly fittings: FittingsPlan;
}

/** Colour and sheen by kind; null for the colour of the coat that it sits on. From memory: look at the animal. */
const LOOKS: Partial<Readonly<Record<ThingKind, readonly [hex: string | null, Sheen]>>> = {
  claw: ['#3a322b', 'satin'],
  nail: ['#3a322b', 'satin'],
  hoof: ['#2f2924', 'satin'],
  tooth: ['#e4d9bd', 'gloss'],
  horn: ['#6b5b45', 'satin'],
  tongue: ['#b8686b', 'wet'],
  wattle: ['#a2332c', 'satin'],
};

/** Mouth lining, from memory. */
const MOUTH_HEX = '#b06a66';
/** A jaw that is opened by less shows no lining, degrees. */
const SHUT_DEG = 4;
/** Lining of an opened mouth against the square of its jaw, bare skin of a nose against that of its length. Memory. */
const MOUTH_SHARE = 0.8;
const NOSE_SHARE = 1.5;
/** Skin of a part by its shape against length times thickness: cone, leaf with both faces, block, ball. */
const SHAPE_SHARES = { cone: Math.PI / 2, leaf: 4 / 3, block: Math.PI, ball: Math.PI } as const;

/** All details of a piece that are painted; what is bought in its colour, of fibre, or grows with the body, is not. */
export function colouredDetails({
  measure,
  stance,
  fittings,
}: DetailInputs): readonly ColouredDetail[] {
  return [
    ...eyesOf(measure, fittings),
    ...noseOf(measure),
    ...mouthOf(measure, stance),
    ...fittings.fittings
      .filter((fitting) => isPaintedPart(fitting))
      .map((fitting) => partOf(fitting, measure)),
  ];
}

const isPaintedPart = ({ thing, made, material }: Fitting): boolean =>
  thing !== 'eye' && made !== 'grown' && material.id !== 'fibre';

const detail = (
  id: string,
  target: SheetTarget,
  name: string,
  look: readonly [hex: string, sheen: Sheen],
  skin: {
    readonly value: number;
    readonly formula: string;
    readonly inputs: readonly WorkingInput[];
    readonly source: string;
  },
): ColouredDetail => {
  const zone = { id: detailId(id), name, hex: look[0], sheen: look[1], target };
  return {
    zone,
    area: {
      ...{ id: `colour.detail.${id}.area`, stage: 'colour', label: say.skinOfDetail(name) },
      ...{ unit: 'cm2', digits: 2, provenance: 'derived', ...skin },
      target,
    },
  };
};

/** Eyes of glass come with their colour. */
function eyesOf(
  { skeleton }: MeasurePlan,
  { fittings, eyes }: FittingsPlan,
): readonly ColouredDetail[] {
  const fitting = fittings.find(({ id }) => id === 'eyes');
  const hex = skeleton.animal.face?.eyes[0]?.hex;
  if (fitting === undefined || hex === undefined || eyes === null) return [];
  if (!fitting.material.isClay) return [];
  const many = input('N', say.soMany, fitting.count, 'count', 'derived');
  return [
    detail('eyes', { kind: 'fitting', id: 'eyes' }, say.eyes, [hex, 'wet'], {
      value: ((Math.PI / 4) * eyes.seen.value ** 2 * fitting.count) / 100,
      formula: 'a = π / 4 · d · d · N',
      inputs: [asInput('d', eyes.seen), many],
      source: say.discBetweenLids,
    }),
  ];
}

function noseOf({ skeleton, lifePerModel, scale }: MeasurePlan): readonly ColouredDetail[] {
  const pad = skeleton.animal.face?.pads[0];
  const bone = skeleton.bones.find(({ key }) => key === pad?.bone);
  if (pad === undefined || bone === undefined) return [];
  const life = (pad.along[1] - pad.along[0]) * bone.lifeLengthMm;
  return [
    detail('nose', { kind: 'bone', id: bone.id }, say.bareSkinOfFace, [pad.hex, 'wet'], {
      value: (NOSE_SHARE * (life / lifePerModel) ** 2) / 100,
      formula: 'a = s · (l / n) · (l / n)',
      inputs: [
        input('s', say.roundAgainstSquare, NOSE_SHARE, 'ratio', 'memory'),
        input('l', say.longInLife, life, 'mm', 'memory'),
        asInput('n', scale),
      ],
      source: say.commonPractice,
    }),
  ];
}

/** The lining of a mouth that is opened. */
function mouthOf({ skeleton, lifePerModel, scale }: MeasurePlan, { angles }: StancePlan) {
  const jaw = skeleton.bones.find(({ key }) => key === 'jaw');
  const isOpen = angles.some(
    ({ bone, angle }) => bone.key === 'jaw' && Math.abs(angle.value) >= SHUT_DEG,
  );
  if (jaw === undefined || !isOpen) return [];
  return [
    detail('mouth', { kind: 'bone', id: jaw.id }, say.mouthLining, [MOUTH_HEX, 'wet'], {
      value: (MOUTH_SHARE * (jaw.lifeLengthMm / lifePerModel) ** 2) / 100,
      formula: 'a = s · (l / n) · (l / n)',
      inputs: [
        input('s', say.roofAndFloor, MOUTH_SHARE, 'ratio', 'memory'),
        input('l', say.jawInLife, jaw.lifeLengthMm, 'mm', jaw.provenance),
        asInput('n', scale),
      ],
      source: say.commonPractice,
    }),
  ];
}

function partOf(fitting: Fitting, { skeleton }: MeasurePlan): ColouredDetail {
  const { id, name, thing, count, length, thick, boneId } = fitting;
  const share = SHAPE_SHARES[kindOf(thing).shape];
  const [own, sheen] = LOOKS[thing] ?? [null, 'satin' as const];
  const key = skeleton.byId.get(boneId)?.key ?? '';
  const under =
    zoneOf(skeleton.animal.coat, key, 'up') ?? zoneOf(skeleton.animal.coat, key, 'side');
  return detail(
    id,
    { kind: 'fitting', id },
    name,
    [own ?? under?.hex ?? skeleton.animal.coat[0]!.hex, sheen],
    {
      value: (share * length.value * (thick ?? length).value * count) / 100,
      formula: 'a = s · l · d · N',
      inputs: [
        input('s', say.skinOfItsShape, share, 'ratio', 'derived'),
        asInput('l', length),
        asInput('d', thick ?? length),
        input('N', say.soMany, count, 'count', 'derived'),
      ],
      source: say.conesLeavesBlocks,
    },
  );
}
