import * as say from './words.ts';
import { isStuckOn } from '../body/undersize.ts';
import type { ColourPlan } from '../colour/planColour.ts';
import type { FittingsPlan } from '../fittings/fittingsPlan.ts';
import type { Sentence } from '../piece/step.ts';
import { asInput, input, type Working } from '../piece/working.ts';
import type { SkinPlan } from '../skin/planSkin.ts';
import type { StancePlan } from '../stance/stancePlan.ts';
import type { WirePlan } from '../wire/wirePlan.ts';
import type { Workpiece } from '../workshop/workpiece.ts';

/** How a finished piece is kept, cleaned, packed and carried. */
export interface Keeping {
  /** Inside of the box, length, width, height. */
  readonly box: readonly Working[];
  /** Where it breaks first, the weakest before the others. */
  readonly weak: readonly Sentence[];
  /** How it is packed and carried. */
  readonly pack: readonly string[];
  /** How it is kept and cleaned. */
  readonly care: readonly string[];
  /** What it is made of, for who owns it later. */
  readonly madeOf: readonly string[];
}

/** What it is told from. */
export interface KeepingWork {
  readonly piece: Workpiece;
  readonly stance: StancePlan;
  readonly wire: WirePlan;
  readonly fittings: FittingsPlan;
  readonly skin: SkinPlan;
  readonly colour: ColourPlan;
}

/** Foam on each side of a piece in its box, mm. Common practice. */
const FOAM_MM = 40;
/** Thinner parts break under a finger, mm; parts so many times as long as thick, by a knock. Common practice. */
const THIN_MM = 2.5;
const SLENDER = 8;

/** Box, weak places, care and contents of a piece. */
export function keepingOf(work: KeepingWork): Keeping {
  const weak = weakPlaces(work);
  return {
    box: boxOf(work),
    weak,
    pack: packOf(work, weak),
    care: careOf(work),
    madeOf: madeOf(work),
  };
}

/** The piece as posed, its board under it, and foam all round. */
function boxOf({ stance, wire }: KeepingWork): readonly Working[] {
  const [height, length, width] = stance.summary as readonly [Working, Working, Working];
  const { base } = wire;
  const across = (label: string, id: string, own: Working, board: Working | null): Working => ({
    ...{ id: `bench.box.${id}`, stage: 'bench', label, unit: 'mm', provenance: 'derived' },
    value: Math.max(own.value, board?.value ?? 0) + 2 * FOAM_MM,
    formula: board === null ? 'l + 2 · f' : 'max(l, b) + 2 · f',
    inputs: [
      asInput('l', own),
      ...(board === null ? [] : [asInput('b', board)]),
      input('f', say.foamEachSide, FOAM_MM, 'mm', 'memory'),
    ],
    source: say.boxByPractice,
  });
  const board = base.on === 'none' ? null : base;
  return [
    across(say.boxLength, 'length', length, board && board.length),
    across(say.boxWidth, 'width', width, board && board.width),
    across(say.boxHeight, 'height', height, null),
  ];
}

function weakPlaces({ fittings, wire, piece }: KeepingWork): readonly Sentence[] {
  const thin = fittings.fittings
    .filter(
      ({ made, thing, thick, slender }) =>
        made === 'set' &&
        thing !== 'eye' &&
        ((thick !== null && thick.value < THIN_MM) ||
          (slender !== null && slender.value > SLENDER)),
    )
    .toSorted((a, b) => (a.thick?.value ?? 0) - (b.thick?.value ?? 0));
  return [
    ...thin.map(({ name, thick }): Sentence =>
      thick === null ? [say.thinPart(name)] : [say.onlyThick(name), thick, say.thick],
    ),
    ...wire.unwired.map((name): Sentence => [say.withoutWireIn(name.toLowerCase())]),
    ...(piece.wire.freeJoints.length > 0 ? [[say.posableJoints]] : []),
    wire.base.on === 'none' ? [say.standsOnFeet] : [say.anklesOnBoard],
  ];
}

function packOf({ wire, skin }: KeepingWork, weak: readonly Sentence[]): readonly string[] {
  const isFibre = skin.zones.some(({ method }) => isStuckOn(method));
  return [
    wire.base.on === 'none' ? say.cradleBody : say.screwBoardDown,
    say.liftByBase,
    ...(isFibre ? [say.noFoamOnFibre] : [say.softPaperFirst]),
    ...(weak.length > 0 ? [say.leaveAirRound] : []),
    say.markUpright,
  ];
}

function careOf({ colour, skin, piece }: KeepingWork): readonly string[] {
  const isFibre = skin.zones.some(({ method }) => isStuckOn(method));
  const fades = piece.atHand.paints.filter(
    ({ id, light }) =>
      light === 'fades' &&
      colour.tubes?.some(({ tube, needed }) => tube.id === id && needed.value > 0),
  );
  const airDry = piece.mass.clay.classId.startsWith('air');
  const bare = colour.zones.every(({ layers }) => layers.length === 0);
  return [
    say.outOfSun,
    ...(fades.length > 0 ? [say.fades(fades.map(({ name }) => name).join(', '))] : []),
    say.coolPlace,
    ...(airDry ? [say.neverDamp] : []),
    isFibre ? say.dustFibre : bare ? say.wipeBare : say.dustSoftly,
    say.noSolventOnIt,
    say.notToy,
  ];
}

function madeOf({ piece, fittings, colour, skin, wire }: KeepingWork): readonly string[] {
  const clays = [piece.mass.clay.name, piece.mass.shellClay?.name ?? ''].filter(Boolean);
  const parts = [...new Set(fittings.fittings.map(({ material }) => material.name.toLowerCase()))];
  return [
    say.clayOf(clays.join(', ')),
    say.wireOf(
      wire.stock.groups.map(({ metalName, sizeText }) => `${metalName}, ${sizeText}`).join('; '),
    ),
    ...(parts.length > 0 ? [say.partsIn(parts.join(', '))] : []),
    ...(colour.tubes === null || colour.tubes.length === 0
      ? []
      : [say.colouredWith(colour.tubes.map(({ tube }) => tube.name).join(', '))]),
    ...(colour.varnishes.length > 0
      ? [say.varnishedWith(colour.varnishes.map(({ sheen }) => sheen).join(', '))]
      : []),
    ...(skin.zones.some(({ method }) => isStuckOn(method)) ? [say.fibreOnIt] : []),
  ];
}
