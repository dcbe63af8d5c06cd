import * as say from './words.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import type { ScaleChoice } from '../piece/pieceSchema.ts';
import type { Provenance } from '../anatomy/provenance.ts';
import { input, type Reading, type Working } from '../piece/working.ts';
import type { LifeSizes } from './lifeSizes.ts';

type Oven = NonNullable<Workpiece['measure']['oven']>;
type Common = Pick<Working, 'id' | 'stage' | 'label' | 'unit' | 'source'>;

/** A board that goes into the oven with its piece, mm of the model. */
export interface BoardInOven {
  readonly thicknessMm: number;
  /** Nuts and ends of pegs below it. */
  readonly belowMm: number;
  /** Sides the user set; null for the spread of the feet with its overhang. */
  readonly lengthMm: number | null;
  readonly widthMm: number | null;
}

/** What an inside must leave free, mm of the model. */
export interface OvenRoom {
  /** Air all round. */
  readonly airMm: number;
  readonly board: BoardInOven | null;
}

const BARE: OvenRoom = { airMm: 0, board: null };
/** A board reaches so far beyond the feet, up to full steps (wire/boardSize.ts). */
const OVERHANG_MM = 32.5;
/** Room that is less is none. */
const LEAST_ROOM_MM = 1;

const perRoom = (lifeMm: number, roomMm: number): number =>
  Math.max(0, lifeMm) / Math.max(LEAST_ROOM_MM, roomMm);

/**
 * Least life mm per model mm at which one direction fits: the body alone, and body and board together
 * from either end. `axis` 0 along the body, 2 across it.
 */
function alongFit(sizes: Extent, axis: 0 | 2, roomMm: number, board: BoardInOven | null): number {
  const { min, max } = sizes.posedBox;
  const body = perRoom(max[axis] - min[axis], roomMm);
  if (board === null || sizes.feet === null) return body;
  const own = axis === 0 ? board.lengthMm : board.widthMm;
  const [low, high] = [sizes.feet.min[axis], sizes.feet.max[axis]];
  // A board of a set side lies with its middle under that of the feet.
  const [from, to, over] =
    own === null ? [low, high, OVERHANG_MM] : [(low + high) / 2, (low + high) / 2, own / 2];
  return Math.max(
    body,
    perRoom(to - min[axis], roomMm - over),
    perRoom(max[axis] - from, roomMm - over),
    perRoom(to - from, roomMm - 2 * over),
  );
}

type Extent = Pick<LifeSizes, 'posedBox' | 'feet'>;

/**
 * Life millimetres per model millimetre at which the posed box just fits a floor of two sides,
 * turned whichever way round lies better.
 */
export function floorFit(
  sizes: Extent,
  floor: { readonly lengthMm: number; readonly widthMm: number },
  { airMm, board }: OvenRoom = BARE,
): number {
  const [l, w] = [floor.lengthMm - 2 * airMm, floor.widthMm - 2 * airMm];
  const fit = (x: number, z: number): number =>
    Math.max(alongFit(sizes, 0, x, board), alongFit(sizes, 2, z, board));
  return Math.min(fit(l, w), fit(w, l));
}

/** The same for the inside of an oven or a box: height stays upright, with air all round and its board. */
export function ovenFit(sizes: Extent, oven: Oven, room: OvenRoom = BARE): number {
  const { airMm, board } = room;
  const under = board === null ? 0 : board.thicknessMm + board.belowMm;
  const { min, max } = sizes.posedBox;
  const high = perRoom(max[1] - min[1], oven.heightMm - 2 * airMm - under);
  return Math.max(high, floorFit(sizes, oven, room));
}

/**
 * The scale as a working, whichever target decides it. Value: life mm per model mm. Throws where a
 * box decides that the document lacks, which its reader refuses.
 */
export function scaleWorking(
  { scale: choice, oven, box }: Pick<Workpiece['measure'], 'scale' | 'oven' | 'box'>,
  sizes: LifeSizes,
  eye: { readonly mm: number; readonly provenance: Provenance },
  room: OvenRoom,
): Working {
  const common = {
    id: 'measure.scale',
    stage: 'measure',
    label: say.scale,
    unit: 'scale',
    target: { kind: 'piece', id: 'piece' },
    source: say.definitionOfScaleLife,
  } as const;
  switch (choice.by) {
    case 'ratio':
      return {
        ...common,
        value: choice.lifePerModel,
        provenance: 'own',
        formula: 'n',
        inputs: [input('n', say.scaleChosen, choice.lifePerModel, 'scale', 'own')],
      };
    case 'size': {
      const size = sizes.all.find(({ spec }) => spec.id === choice.sizeId) ?? sizes.length;
      return byLength(common, size.spec.name, size.mm, 'derived', choice.mm);
    }
    case 'eye':
      return byLength(common, say.eyeAcross, eye.mm, eye.provenance, choice.mm);
    case 'oven':
      return boxScale(common, say.oven, oven, sizes, room);
    case 'box':
      return boxScale(common, say.box, box, sizes, BARE);
    case 'board':
      return boardScale(common, choice, sizes);
  }
}

const byLength = (
  common: Common,
  name: string,
  lifeMm: number,
  from: Provenance,
  modelMm: number,
): Working => ({
  ...common,
  value: lifeMm / modelMm,
  provenance: 'derived',
  formula: 'n = L / l',
  inputs: [
    input('L', say.life(name), lifeMm, 'mm', from),
    input('l', say.wanted(name), modelMm, 'mm', 'own'),
  ],
});

/** With the board under it the outline of both together counts, which no short formula tells. */
const ON_ITS_BOARD: Reading = {
  method: say.smallestScaleAtWhich,
  resolution: say.exactBoxesOfPosed,
  checkedBy: 'core/src/measure/measure.test.ts',
};

function boxScale(
  common: Common,
  name: string,
  inside: Oven | null,
  sizes: LifeSizes,
  room: OvenRoom,
): Working {
  if (inside === null) throw new Error(`a scale by ${name} without one: the document was not read`);
  const [long, high, wide] = sizes.posedExtentMm;
  return {
    ...common,
    value: ovenFit(sizes, inside, room),
    provenance: 'derived',
    ...(room.board === null
      ? {
          formula:
            'n = max(H / max(1 mm, h − 2 · a), min(max(L / max(1 mm, l − 2 · a), W / max(1 mm, w − 2 · a)), max(L / max(1 mm, w − 2 · a), W / max(1 mm, l − 2 · a))))',
        }
      : { reading: ON_ITS_BOARD }),
    inputs: [
      input('L', say.posedLengthLife, long, 'mm', 'derived'),
      input('H', say.posedHeightLife, high, 'mm', 'derived'),
      input('W', say.posedWidthLife, wide, 'mm', 'derived'),
      input('l', say.longSide(name), inside.lengthMm, 'mm', 'own'),
      input('h', say.height(name), inside.heightMm, 'mm', 'own'),
      input('w', say.shortSide(name), inside.widthMm, 'mm', 'own'),
      input('a', say.airLeftAllRound, room.airMm, 'mm', 'own'),
      ...(room.board === null
        ? []
        : [
            input('t', say.boardThatGoesIn, room.board.thicknessMm, 'mm' as const, 'own'),
            input('p', say.pegsAndNutsBelow, room.board.belowMm, 'mm' as const, 'own'),
          ]),
    ],
  };
}

function boardScale(
  common: Common,
  board: Extract<ScaleChoice, { by: 'board' }>,
  sizes: LifeSizes,
): Working {
  const [long, , wide] = sizes.posedExtentMm;
  return {
    ...common,
    value: floorFit(sizes, board),
    provenance: 'derived',
    formula: 'n = min(max(L / l, W / w), max(L / w, W / l))',
    inputs: [
      input('L', say.posedLengthLife, long, 'mm', 'derived'),
      input('W', say.posedWidthLife, wide, 'mm', 'derived'),
      input('l', say.boardLongSide, board.lengthMm, 'mm', 'own'),
      input('w', say.boardShortSide, board.widthMm, 'mm', 'own'),
    ],
  };
}
