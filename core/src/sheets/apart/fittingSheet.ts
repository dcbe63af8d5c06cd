import * as say from './words.ts';
import type { Fitting, FittingsPlan } from '../../fittings/fittingsPlan.ts';
import type { FittingSize } from '../../fittings/fittingSizes.ts';
import { greatest } from '../../geometry/extremes.ts';
import { distance } from '../../geometry/vec3.ts';
import { quantityText } from '../../units/quantity.ts';
import {
  fittedDrawing,
  WEIGHT,
  type Drawing,
  type DrawingItem,
  type PagePoint,
} from '../drawing.ts';
import {
  edgeOf,
  frontOutline,
  mirroredOutline,
  placed,
  sideOutline,
  type Outline,
} from './fittingOutlines.ts';

const ROW_GAP_MM = 7;
const LABEL_MM = 3.2;
/** Between the views of a part, and to its label, mm. */
const GAP_MM = 7;
const MARGIN_MM = 6;
/** Words take about this share of their height to a letter. */
const LETTER = 0.52;
/** Of so many sizes the first and the last few are drawn; the strip of the row shows all. */
const MOST_SIZES = 4;
/** A part that turns less, or is shorter, is bent by eye: no gauge and no former. */
const GAUGED_DEG = 20;
const GAUGED_MM = 8;
const FORMED_DEG = 70;
const FORMED_MM = 20;

/** All sheets of what is made apart, at 1:1: templates, rows as strips, gauges and formers; none where there is nothing. */
export const fittingSheets = (plan: FittingsPlan): readonly Drawing[] =>
  [templateSheet(plan), stripSheet(plan), gaugeSheet(plan)].filter(
    (drawing) => drawing !== undefined,
  );

/** What is made by hand or on the armature; what is drawn into the clay needs no template. */
const made = ({ fittings }: FittingsPlan): readonly Fitting[] =>
  fittings.filter((fitting) => fitting.made !== 'drawn');

/** One thing on a sheet with its words beside it. */
interface Entry {
  readonly fitting: Fitting;
  readonly outlines: readonly Outline[];
  /** Whether an outline is a circle, by its place among them. */
  readonly isBall: boolean;
  readonly lines: readonly string[];
}

/** Side and front of every size of each part, left and right as mirror images. */
function templateSheet(plan: FittingsPlan): Drawing | undefined {
  const entries = made(plan).flatMap((fitting): readonly Entry[] => {
    const { sizes, kind } = fitting;
    const isBall = kind.shape === 'ball';
    if (isBall) return [ballEntry(fitting)];
    const shown =
      sizes.length <= MOST_SIZES ? sizes : [...sizes.slice(0, MOST_SIZES - 1), sizes.at(-1)!];
    return shown.map((size, i) => sizeEntry(fitting, size, i === 0));
  });
  return sheetOf('fittings', say.partsMadeApart, entries);
}

const ballEntry = (fitting: Fitting): Entry => {
  const d = (fitting.sold ?? fitting.length).value;
  return {
    fitting,
    isBall: true,
    outlines: [{ points: [], wide: d, high: d }],
    lines: [titleOf(fitting), quantityText(d, 'mm', 'metric', 1)],
  };
};

function sizeEntry(fitting: Fitting, size: FittingSize, isFirst: boolean): Entry {
  const side = sideOutline(size);
  const isPaired = fitting.sides.left > 0 && fitting.sides.right > 0;
  const isBent = size.sagittaMm > 0.05;
  return {
    fitting,
    isBall: false,
    outlines: [side, ...(isPaired && isBent ? [mirroredOutline(side)] : []), frontOutline(size)],
    lines: [
      isFirst ? titleOf(fitting) : fitting.name,
      say.piecesOf(size.count, say.lengthByThick(size.lengthMm, size.thickMm)),
      ...(size.twistMm > 0.1 * size.lengthMm ? [say.leavesPlane(size.twistMm.toFixed(1))] : []),
    ],
  };
}

const titleOf = ({ name, count, spare }: Fitting): string => say.countOf(name, count, spare);

/** Rows of at least so many pieces of one side are drawn as a strip. */
const LEAST_ROW = 5;

/** Rows of teeth, plates and spikes as strips: every piece in its order, as far from its fellows as on the model. */
function stripSheet(plan: FittingsPlan): Drawing | undefined {
  const entries = made(plan).flatMap((fitting): readonly Entry[] =>
    fitting.kind.shape === 'ball' ? [] : rowsOf(fitting).map((row) => stripEntry(fitting, row)),
  );
  return sheetOf('fitting-rows', say.rowsAsStrips, entries);
}

interface Row {
  readonly side: Fitting['pieces'][number]['side'];
  /** How far from the first each root lies, and how tall each is. */
  readonly at: readonly number[];
  readonly tall: readonly number[];
}

/** Pieces of one side that follow each other; the right is the left's mirror image. */
function rowsOf({ pieces, isOwn }: Fitting): readonly Row[] {
  const near = pieces.filter(({ side }) => side >= 0);
  // A row of the user's own goes on over several bones.
  const bones = isOwn ? [null] : [...new Set(near.map(({ boneId }) => boneId))];
  return bones.flatMap((boneId): readonly Row[] => {
    const own = near.filter((piece) => boneId === null || piece.boneId === boneId);
    if (own.length < LEAST_ROW) return [];
    let far = 0;
    const at = own.map(({ root }, i) => (i === 0 ? 0 : (far += distance(own[i - 1]!.root, root))));
    const tall = own.map(({ root, tip }) => distance(root, tip));
    return [{ side: own[0]!.side, at, tall }];
  });
}

/** A row as one outline: a base line with every piece standing on it, so tall and so far apart. */
function stripEntry(fitting: Fitting, { at, tall, side }: Row): Entry {
  const [longest] = fitting.sizes;
  const share = longest!.thickMm / longest!.lengthMm;
  const points = at.flatMap((x, i): readonly PagePoint[] => {
    const half = (share * tall[i]!) / 2;
    return [
      [x - half, 0],
      [x, tall[i]!],
      [x + half, 0],
    ];
  });
  return {
    ...{ fitting, isBall: false },
    outlines: [placed(points)],
    lines: [
      say.rowOf(fitting.name, at.length),
      side === 0 ? say.onMidline : say.leftAndMirror,
      quantityText(at.at(-1)!, 'mm', 'metric', 1),
    ],
  };
}

/** Stuffs that are shaped by hand and held against a gauge. */
const SHAPED: ReadonlySet<string> = new Set(['clay', 'putty', 'resin', 'wood', 'wire']);

/** Gauges to hold a bent part against, and round formers to bend long ones over. */
function gaugeSheet(plan: FittingsPlan): Drawing | undefined {
  const bent = made(plan)
    .filter(({ material }) => SHAPED.has(material.id))
    .flatMap((fitting) =>
      fitting.sizes
        .slice(0, MOST_SIZES)
        .filter(({ turnDeg, lengthMm }) => turnDeg > GAUGED_DEG && lengthMm > GAUGED_MM)
        .map((size) => ({ fitting, size })),
    );
  const entries = bent.map(({ fitting, size }): Entry => {
    const isFormed = size.turnDeg > FORMED_DEG && size.lengthMm > FORMED_MM;
    const former = formerMm(size);
    return {
      ...{ fitting, isBall: false },
      outlines: [
        gaugeOutline(size),
        ...(isFormed ? [{ points: circle(former / 2), wide: former, high: former }] : []),
      ],
      lines: [
        say.gaugeOf(fitting.name),
        say.lengthByThick(size.lengthMm, size.thickMm),
        ...(isFormed ? [say.bendOver(former.toFixed(0))] : []),
      ],
    };
  });
  return sheetOf('fitting-gauges', say.gaugesAndFormers, entries);
}

/** Card left round a gauge, mm. */
const CARD_MM = 5;

/** A part that turns farther than this closes in on itself: its gauge is the part cut out of card. */
const CLOSED_DEG = 110;

/** A card whose one edge is the outer edge of a bent part: the part lies along it from root to tip. */
function gaugeOutline(size: FittingSize): Outline {
  if (size.turnDeg > CLOSED_DEG || size.profile.some(({ x }, i, all) => i > 0 && x < all[i - 1]!.x))
    return sideOutline(size);
  const edge = edgeOf(size, 1);
  const top = greatest(edge.map(([, y]) => y)) + CARD_MM;
  const [first, last] = [edge[0]!, edge.at(-1)!];
  return placed([...edge, [last[0] + CARD_MM, last[1]], [last[0] + CARD_MM, top], [first[0], top]]);
}

/** Across of the rod over which a part is bent: its inner edge, as an arc from root to tip. */
export const formerMm = ({ chordMm, sagittaMm, thickMm }: FittingSize): number =>
  Math.max(1, (chordMm ** 2 / 4 + sagittaMm ** 2) / sagittaMm - thickMm);

const circle = (radius: number): readonly PagePoint[] =>
  Array.from({ length: 48 }, (_, i): PagePoint => {
    const angle = (2 * Math.PI * i) / 48;
    return [radius * (1 + Math.cos(angle)), radius * (1 + Math.sin(angle))];
  });

/** Entries stand side by side up to this width, mm: a page with its margins. */
const PAGE_MM = 178;
const LINE_MM = 1.5 * LABEL_MM;

/** An entry as a block: its outlines side by side, its words under them. */
const blockOf = ({ outlines, lines }: Entry): { readonly wide: number; readonly high: number } => {
  const shapes = outlines.reduce((sum, { wide }) => sum + wide + GAP_MM, -GAP_MM);
  // Room for the words, which a drawing does not measure.
  const words = greatest(lines.map((text) => text.length * LETTER * LABEL_MM));
  return {
    wide: Math.max(shapes, words),
    high: greatest(outlines.map(({ high }) => high)) + lines.length * LINE_MM + 2,
  };
};

/** Entries in lines as on a page, each with its words below it; undefined for none. */
function sheetOf(id: string, title: string, entries: readonly Entry[]): Drawing | undefined {
  if (entries.length === 0) return undefined;
  const rows: Entry[][] = [];
  let left = 0;
  for (const entry of entries) {
    const { wide } = blockOf(entry);
    if (rows.length === 0 || left + wide > PAGE_MM) {
      rows.push([]);
      left = 0;
    }
    rows.at(-1)!.push(entry);
    left += wide + 2 * GAP_MM;
  }
  let y = 0;
  const items = rows.flatMap((row): readonly DrawingItem[] => {
    const high = greatest(row.map((entry) => blockOf(entry).high));
    y -= high + ROW_GAP_MM;
    let x = 0;
    return row.flatMap((entry): readonly DrawingItem[] => {
      const at = x;
      x += blockOf(entry).wide + 2 * GAP_MM;
      return entryItems(entry, at, y + entry.lines.length * LINE_MM + 2);
    });
  });
  return fittedDrawing(id, title, items, MARGIN_MM);
}

function entryItems(
  { fitting, outlines, lines, isBall }: Entry,
  from: number,
  y: number,
): readonly DrawingItem[] {
  const common = {
    layer: `fitting ${fitting.id}`,
    target: { kind: 'fitting', id: fitting.id },
  } as const;
  let x = from;
  const shapes = outlines.map((outline): DrawingItem => {
    const left = x;
    x += outline.wide + GAP_MM;
    return isBall
      ? {
          ...{ ...common, kind: 'circle', ink: 'ink', weight: WEIGHT.thin },
          at: [left + outline.wide / 2, y + outline.high / 2],
          radius: outline.wide / 2,
        }
      : {
          ...{ ...common, kind: 'line', ink: 'ink', weight: WEIGHT.thin, closed: true },
          points: outline.points.map(([px, py]): PagePoint => [left + px, y + py]),
        };
  });
  const words = lines.map((text, i): DrawingItem => ({
    ...{ ...common, kind: 'text', ink: i === 0 ? 'ink' : 'soft', text, sizeMm: LABEL_MM },
    ...{ anchor: 'start', face: i === 0 ? 'label' : 'number' },
    at: [from, y - (i + 1) * LINE_MM],
  }));
  return [...shapes, ...words];
}
