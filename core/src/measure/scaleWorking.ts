import type { Piece, ScaleChoice } from '../piece/pieceSchema.ts';
import { input, type Working } from '../piece/working.ts';
import type { LifeSizes } from './lifeSizes.ts';

type Oven = NonNullable<Piece['measure']['oven']>;

/**
 * Life millimetres per model millimetre at which the posed box just fits the oven, turned whichever
 * way round lies better on the shelf; height stays upright. Bare box, no clearance.
 */
export function ovenFit(sizes: LifeSizes, oven: Oven): number {
  const [long, high, wide] = sizes.posedExtentMm;
  const along = Math.max(long / oven.lengthMm, wide / oven.widthMm);
  const across = Math.max(long / oven.widthMm, wide / oven.lengthMm);
  return Math.max(high / oven.heightMm, Math.min(along, across));
}

/** The scale as a working, whichever target decides it. Value: life mm per model mm. */
export function scaleWorking(choice: ScaleChoice, oven: Oven | null, sizes: LifeSizes): Working {
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
    case 'shoulder-height':
      return {
        ...common,
        value: sizes.shoulderHeightMm / choice.mm,
        provenance: 'derived',
        formula: 'n = H / h',
        inputs: [
          input('H', 'Shoulder height, life', sizes.shoulderHeightMm, 'mm', 'derived'),
          input('h', 'Shoulder height wanted', choice.mm, 'mm', 'own'),
        ],
      };
    case 'length':
      return {
        ...common,
        value: sizes.totalLengthMm / choice.mm,
        provenance: 'derived',
        formula: 'n = L / l',
        inputs: [
          input('L', 'Snout to tail tip, life', sizes.totalLengthMm, 'mm', 'derived'),
          input('l', 'Length wanted', choice.mm, 'mm', 'own'),
        ],
      };
    case 'oven':
      return ovenScale(common, oven, sizes);
  }
}

function ovenScale(
  common: Pick<Working, 'id' | 'stage' | 'label' | 'unit' | 'source'>,
  oven: Oven | null,
  sizes: LifeSizes,
): Working {
  if (oven === null) throw new Error('a scale by oven without an oven: the document was not read');
  const [long, high, wide] = sizes.posedExtentMm;
  return {
    ...common,
    value: ovenFit(sizes, oven),
    provenance: 'derived',
    formula: 'n = max( H/h, min( max(L/l, W/w), max(L/w, W/l) ) )',
    inputs: [
      input('L', 'Posed length, life', long, 'mm', 'derived'),
      input('H', 'Posed height, life', high, 'mm', 'derived'),
      input('W', 'Posed width, life', wide, 'mm', 'derived'),
      input('l', 'Oven, long side', oven.lengthMm, 'mm', 'own'),
      input('h', 'Oven, height', oven.heightMm, 'mm', 'own'),
      input('w', 'Oven, short side', oven.widthMm, 'mm', 'own'),
    ],
  };
}
