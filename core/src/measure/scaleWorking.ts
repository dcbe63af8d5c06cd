import type { Piece, ScaleChoice } from '../piece/pieceSchema.ts';
import type { Provenance } from '../piece/provenance.ts';
import { input, type Working } from '../piece/working.ts';
import type { LifeSizes } from './lifeSizes.ts';

type Oven = NonNullable<Piece['measure']['oven']>;
type Common = Pick<Working, 'id' | 'stage' | 'label' | 'unit' | 'source'>;

/**
 * Life millimetres per model millimetre at which the posed box just fits a floor of two sides,
 * turned whichever way round lies better.
 */
export function floorFit(
  { posedExtentMm: [long, , wide] }: Pick<LifeSizes, 'posedExtentMm'>,
  floor: { readonly lengthMm: number; readonly widthMm: number },
): number {
  const along = Math.max(long / floor.lengthMm, wide / floor.widthMm);
  const across = Math.max(long / floor.widthMm, wide / floor.lengthMm);
  return Math.min(along, across);
}

/** The same for the inside of an oven or a box: height stays upright. Bare box, no clearance. */
export const ovenFit = (sizes: Pick<LifeSizes, 'posedExtentMm'>, oven: Oven): number =>
  Math.max(sizes.posedExtentMm[1] / oven.heightMm, floorFit(sizes, oven));

/**
 * The scale as a working, whichever target decides it. Value: life mm per model mm. Throws where a
 * box decides that the document lacks, which its reader refuses.
 */
export function scaleWorking(
  { scale: choice, oven, box }: Pick<Piece['measure'], 'scale' | 'oven' | 'box'>,
  sizes: LifeSizes,
  eye: { readonly mm: number; readonly provenance: Provenance },
): Working {
  const common = {
    id: 'measure.scale',
    stage: 'measure',
    label: 'Scale',
    unit: 'scale',
    target: { kind: 'piece', id: 'piece' },
    source: 'definition of a scale: life length over model length',
  } as const;
  switch (choice.by) {
    case 'ratio':
      return {
        ...common,
        value: choice.lifePerModel,
        provenance: 'own',
        formula: 'n as chosen',
        inputs: [input('n', 'Scale chosen', choice.lifePerModel, 'scale', 'own')],
      };
    case 'size': {
      const size = sizes.all.find(({ spec }) => spec.id === choice.sizeId) ?? sizes.length;
      return byLength(common, size.spec.name, size.mm, 'derived', choice.mm);
    }
    case 'eye':
      return byLength(common, 'Eye, across', eye.mm, eye.provenance, choice.mm);
    case 'oven':
      return boxScale(common, 'Oven', oven, sizes);
    case 'box':
      return boxScale(common, 'Box', box, sizes);
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
    input('L', `${name}, life`, lifeMm, 'mm', from),
    input('l', `${name}, wanted`, modelMm, 'mm', 'own'),
  ],
});

function boxScale(common: Common, name: string, inside: Oven | null, sizes: LifeSizes): Working {
  if (inside === null) throw new Error(`a scale by ${name} without one: the document was not read`);
  const [long, high, wide] = sizes.posedExtentMm;
  return {
    ...common,
    value: ovenFit(sizes, inside),
    provenance: 'derived',
    formula: 'n = max( H/h, min( max(L/l, W/w), max(L/w, W/l) ) )',
    inputs: [
      input('L', 'Posed length, life', long, 'mm', 'derived'),
      input('H', 'Posed height, life', high, 'mm', 'derived'),
      input('W', 'Posed width, life', wide, 'mm', 'derived'),
      input('l', `${name}, long side`, inside.lengthMm, 'mm', 'own'),
      input('h', `${name}, height`, inside.heightMm, 'mm', 'own'),
      input('w', `${name}, short side`, inside.widthMm, 'mm', 'own'),
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
    formula: 'n = min( max(L/l, W/w), max(L/w, W/l) )',
    inputs: [
      input('L', 'Posed length, life', long, 'mm', 'derived'),
      input('W', 'Posed width, life', wide, 'mm', 'derived'),
      input('l', 'Board, long side', board.lengthMm, 'mm', 'own'),
      input('w', 'Board, short side', board.widthMm, 'mm', 'own'),
    ],
  };
}
