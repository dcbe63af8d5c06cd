import * as say from './words.ts';
import { sidesShown } from '../anatomy/bodyPlan.ts';
import type { Feature } from '../anatomy/animal.ts';
import type { Thing } from '../anatomy/shapeSchema.ts';
import { isGrown } from '../anatomy/thingKinds.ts';
import { thingPlaces } from '../anatomy/thingPlaces.ts';
import { ownFittingId, posedApart, type PosedApart } from '../body/apart.ts';
import type { MeasurePlan } from '../measure/planMeasure.ts';
import { AS_IT_FOLLOWS, type FittingsChoice } from '../piece/fittingsSchema.ts';
import type { Working } from '../piece/working.ts';
import type { StancePlan } from '../stance/stancePlan.ts';
import { planBodyParts } from './bodyParts.ts';
import { planEyes } from './eyePlan.ts';
import { kindOf, type FittingKind } from './fittingKinds.ts';
import {
  fittingMaterial,
  fittingMaterials,
  type FittingMaterial,
  type StuffsAtHand,
} from './fittingMaterials.ts';
import { measured, sizeByKind, sizesOf, type FittingSize } from './fittingSizes.ts';
import type { Fitting, FittingMade, FittingPiece, FittingsPlan } from './fittingsPlan.ts';
import * as number from './fittingWorkings.ts';

/** Longer than so many times its thickness a part of clay breaks without a wire: common practice. */
const SLENDER = 4;
/** Clay thinner than this at its base cannot be rolled, mm: common practice. */
export const LEAST_CLAY_MM = 1;
/** A part shorter than this takes no wire, mm: common practice. */
export const LEAST_WIRED_MM = 12;
/** Of so many parts one more is made, and two more of eyes: common practice. */
const EACH_SPARE = 6;

/** What Fittings reads: the animal at its scale in its stance, how its parts are made, and how heavy its clay is. */
export interface FittingsInputs {
  readonly measure: Pick<MeasurePlan, 'skeleton' | 'scale'>;
  readonly stance: Pick<StancePlan, 'posed'>;
  readonly choice: FittingsChoice;
  readonly density: Working;
  /** Stuffs of the workshop, and how hot the surface is baked. */
  readonly atHand: StuffsAtHand;
}

/** A part as it is listed: the animal's own, its eyes, or the user's. */
type Listed = Omit<Feature, 'drawn'> & { readonly own: Thing | null };

/** All parts that this animal has to be made apart, in the order of its library: eyes first, the user's own last. */
export function planFittings(inputs: FittingsInputs): FittingsPlan {
  const { measure, stance, choice } = inputs;
  const apart = posedApart(stance.posed);
  const fittings = listed(measure).map((entry) => fittingOf(entry, apart, inputs));
  const bodyParts = planBodyParts(choice.apart, measure);
  const eyes = planEyes(
    fittings.find(({ id }) => id === 'eyes'),
    stance.posed,
  );
  return {
    ...{ fittings, bodyParts, eyes },
    workings: [
      ...fittings.flatMap(fittingNumbers),
      ...bodyParts.map(({ length }) => length),
      ...(eyes === null ? [] : eyeNumbers(eyes)),
    ],
    snags: fittings
      .filter(({ id }) => isUnknown(choice.made[id]?.material ?? null, inputs.atHand))
      .map(({ name, id }) => ({
        ...{ code: 'stuff-unknown', grade: 'fix', stage: 'cure' },
        target: { kind: 'fitting', id },
        facts: { part: name },
      })),
  };
}

/** A stuff of a workshop that has it no more. */
const isUnknown = (material: string | null, at: StuffsAtHand): boolean =>
  material !== null && !fittingMaterials(at).some(({ id }) => id === material);

/** The numbers of a part in the order in which one asks for them. */
export const fittingNumbers = (fitting: Fitting): readonly Working[] =>
  [
    ...[
      fitting.life,
      fitting.length,
      fitting.sold,
      fitting.larger,
      fitting.shortest,
      fitting.thick,
    ],
    ...[fitting.chord, fitting.sagitta, fitting.slender, fitting.seat],
    ...[fitting.toMake, fitting.grams],
  ].filter((working) => working !== null);

/** The numbers of the eyes in the order in which they are set. */
export const eyeNumbers = (eyes: NonNullable<FittingsPlan['eyes']>): readonly Working[] =>
  [
    ...[eyes.seen, eyes.socket, eyes.depth, eyes.between, eyes.fromTip],
    ...[eyes.upperLid, eyes.lowerLid, eyes.pupil, eyes.catchLight],
    ...eyes.others,
  ].filter((working) => working !== null);

/** The animal's eyes as a part made apart, what its library lists of bones that are there, and the user's own things. */
function listed({ skeleton }: FittingsInputs['measure']): readonly Listed[] {
  const { animal, plan, bones } = skeleton;
  const library = (animal.features ?? []).filter(({ bone }) =>
    bones.some(({ key }) => key === bone),
  );
  const { face, eye } = animal;
  const pairs = face?.eyes ?? [];
  const first = pairs[0];
  const eyes: readonly Listed[] =
    first === undefined
      ? []
      : [
          {
            ...{ id: 'eyes', name: say.eyes, kind: 'eye', own: null },
            ...{ bone: first.at[0], count: pairs.length * sidesShown(plan).length, size: eye },
          },
        ];
  return [
    ...eyes,
    ...library
      .filter(({ id }) => eyes.every((own) => own.id !== id))
      .map((feature) => ({ ...feature, own: null })),
    ...skeleton.things.flatMap((thing): readonly Listed[] => {
      const [on] = thingPlaces(skeleton, thing);
      const bone = on && skeleton.byId.get(on.boneId);
      return bone === undefined
        ? []
        : [
            {
              ...{ id: ownFittingId(thing.id), name: thing.name, kind: thing.kind, own: thing },
              ...{ bone: bone.key, count: thing.row?.many ?? 1 },
              size: {
                mm: thing.lengthMm,
                range: [thing.lengthMm, thing.lengthMm],
                provenance: 'own',
              },
            },
          ];
    }),
  ];
}

function fittingOf(entry: Listed, apart: readonly PosedApart[], inputs: FittingsInputs): Fitting {
  const { id, name, kind: thing, own } = entry;
  const { skeleton, scale } = inputs.measure;
  const kind = kindOf(thing);
  const isBall = kind.shape === 'ball';
  const members = apart.filter(({ fittingId }) => fittingId === id);
  const isDrawn = members.length > 0;
  const sizes = isDrawn
    ? sizesOf(members.map(({ samples }) => samples))
    : [sizeByKind(kind, entry.size.mm / scale.value, entry.count)];
  const longest = sizes[0]!;
  const told: number.Told = { id, name, size: entry.size, longest, isDrawn: isDrawn && !isBall };
  const boneId =
    own?.boneId ?? members[0]?.boneId ?? skeleton.bones.find(({ key }) => key === entry.bone)!.id;
  const { life, length } = number.lengthWorkings(told, scale, isBall);
  const thick = isBall ? null : number.thickWorking(told, length, kind);
  const slender = thick === null ? null : number.slenderWorking(told, length, thick);
  const making = inputs.choice.made[id] ?? AS_IT_FOLLOWS;
  const material = fittingMaterial(making.material ?? usualMaterial(thing, longest), inputs.atHand);
  const isChosen = making.material !== null;
  const made = madeOf(entry, longest, material, isChosen);
  const sides = sidesOfPieces(members, entry, skeleton);
  const count = sides.left + sides.right + sides.middle;
  const spare = making.spare ?? (isBall ? Math.min(2, count) : Math.ceil(count / EACH_SPARE));
  const wired = made === 'set' && isWired(material, kind, length.value, slender?.value ?? 0);
  const grams =
    made === 'set' ? number.gramsWorking(told, sizes, spare, material, inputs.density) : null;
  return {
    ...{ id, name, thing, kind, isOwn: own !== null, boneId, count, sides, spare, material, made },
    toMake: number.countWorking(told, count, spare, making.spare !== null),
    shortest: number.shortestWorking(told, sizes),
    ...{ life, length, thick, slender, grams, wired, sizes },
    ...(isBall ? { chord: null, sagitta: null } : number.curveWorkings(told, length, kind)),
    seat: made === 'set' && !isBall ? number.seatWorking(told, length) : null,
    placedG: placedGrams(thing, sizes, material, made, inputs.density.value),
    why: whyOf(made, material, wired, length.value, slender?.value ?? 0),
    ...(isBall ? number.soldWorkings(told, length) : { sold: null, larger: null }),
    pieces: members.map(pieceOf),
  };
}

const pieceOf = ({ boneId, side, samples }: PosedApart): FittingPiece => ({
  ...{ boneId, side, root: samples[0]!.at, tip: samples.at(-1)!.at },
  volumeMm3: measured(samples).volumeMm3,
});

/** What stands free of the skin and can be cut from sheet where it is too thin for clay; a plate or crest is drawn. */
const FREE: ReadonlySet<string> = new Set(['tongue', 'ear', 'wattle']);

/** What a part is of where nothing is decided: of clay, but where a free leaf is too thin for it. */
const usualMaterial = (thing: Fitting['thing'], { wideMm }: FittingSize) => {
  const { material } = kindOf(thing);
  return FREE.has(thing) && wideMm < LEAST_CLAY_MM ? 'sheet' : material;
};

function madeOf(
  { kind, own }: Listed,
  { thickMm, wideMm }: FittingSize,
  { isClay }: FittingMaterial,
  isChosen: boolean,
): FittingMade {
  if (isGrown(kind)) return 'grown';
  const isTooThin = isClay && Math.min(thickMm, Math.max(wideMm, 0)) < LEAST_CLAY_MM;
  return isTooThin && !isChosen && own === null && kind !== 'eye' ? 'drawn' : 'set';
}

/** How many lie on either side and on the midline; of what is not drawn, half on each side where its bone has an image. */
function sidesOfPieces(
  members: readonly PosedApart[],
  { count, bone: key, own }: Listed,
  { bones, plan }: MeasurePlan['skeleton'],
): Fitting['sides'] {
  const of = (side: number): number => members.filter((piece) => piece.side === side).length;
  const drawn = { left: of(1), right: of(-1), middle: of(0) };
  if (own !== null || drawn.left + drawn.right + drawn.middle === count) return drawn;
  // A tongue is two prongs, and one part.
  if (members.length > 0 && count === 1) return { left: 0, right: 0, middle: 1 };
  const isPaired = sidesShown(plan).length === 2 && count % 2 === 0;
  const isThere = bones.some((bone) => bone.key === key);
  return isPaired && isThere
    ? { left: count / 2, right: count / 2, middle: 0 }
    : { left: count, right: 0, middle: 0 };
}

/** A wire goes into clay and putty that is long and thin, and into plumes; wire and bristle are their own. */
const isWired = (
  { id, isClay }: FittingMaterial,
  { shape }: FittingKind,
  lengthMm: number,
  slender: number,
): boolean =>
  lengthMm >= LEAST_WIRED_MM &&
  slender > SLENDER &&
  (isClay || id === 'putty' || (id === 'sheet' && shape === 'leaf'));

function whyOf(
  made: FittingMade,
  { id, isClay }: FittingMaterial,
  wired: boolean,
  lengthMm: number,
  slender: number,
): string {
  if (made === 'grown') return say.builtOnArmature;
  if (made === 'drawn') return say.strokeOnly;
  if (id === 'sheet') return wired ? say.sheetOnWire : say.ofSheet;
  if (!isClay && id !== 'putty') return say.itsOwnStuff;
  if (wired) return say.wireInside;
  return slender > SLENDER && lengthMm < LEAST_WIRED_MM ? say.tooShortForWire : say.noWire;
}

/** What a part adds to the piece, g: whole where it stands out of the skin; an eye lies in the clay of the head, and adds what it is heavier. */
function placedGrams(
  thing: Fitting['thing'],
  sizes: readonly FittingSize[],
  material: FittingMaterial,
  made: FittingMade,
  clayGPerMl: number,
): number {
  if (made !== 'set') return 0;
  const own = material.gPerMl ?? clayGPerMl;
  const gPerMl = thing === 'eye' ? own - clayGPerMl : own;
  return (
    (sizes.reduce((sum, size) => sum + size.count * number.stuffMm3(size, material), 0) * gPerMl) /
    1000
  );
}
