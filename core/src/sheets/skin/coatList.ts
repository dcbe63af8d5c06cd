import * as say from './words.ts';
import type { Plan } from '../../planTypes.ts';
import { quantityText } from '../../units/quantity.ts';
import type { Working } from '../../piece/working.ts';
import { type Drawing, type DrawingItem, type TextBlock } from '../drawing.ts';
import { listDrawing } from '../textPages.ts';

const ROW_MM = 6.4;
/** Where the columns begin, mm. */
const COLUMNS = [0, 52, 78, 100, 122, 150] as const;
const WIDE_MM = 178;

/** What each zone takes and how long, then the hand work by limb: a list to work by. Not to scale. */
export function coatList({ skin, measure }: Plan): Drawing {
  const shown = (working: Working | null | undefined): string =>
    working === null || working === undefined
      ? ''
      : quantityText(working.value, working.unit, 'metric', working.digits);
  const rows = skin.zones.map(
    ({ zone, method, length, strokes, planting, minutes }): readonly string[] => [
      zone.name,
      say.madeBy[method],
      shown(planting?.cut ?? length),
      shown(strokes?.wide ?? planting?.spacing),
      shown(strokes?.count ?? planting?.tufts),
      [shown(minutes), shown(planting?.weft ?? planting?.grams)]
        .filter((text) => text !== '')
        .join(', '),
    ],
  );
  const limbs = (skin.work?.limbs ?? []).map(({ minutes, method }): readonly string[] => [
    minutes.label,
    say.madeBy[method],
    ...['', '', ''],
    shown(minutes),
  ]);
  const total =
    skin.work === null ? [] : [[skin.work.total.label, '', '', '', '', shown(skin.work.total)]];
  const blocks: TextBlock[] = [
    { items: rowItems(say.coatColumns, true), heightMm: ROW_MM, repeat: true },
    ...[...rows, ...limbs, ...total].map((row) => ({
      items: rowItems(row, false),
      heightMm: ROW_MM,
    })),
  ];
  return listDrawing('coat-list', say.coatOf(measure.skeleton.animal.name), WIDE_MM, blocks);
}

const rowItems = (cells: readonly string[], isHead: boolean): readonly DrawingItem[] =>
  cells.flatMap((text, i): DrawingItem[] =>
    text === ''
      ? []
      : [
          {
            ...{ kind: 'text', ink: isHead ? 'soft' : 'ink', layer: 'list', text, anchor: 'start' },
            ...{ at: [COLUMNS[i]!, -4.4], sizeMm: isHead ? 2.6 : 2.9 },
            face: i > 1 && !isHead ? 'number' : 'label',
          },
        ],
  );
