import * as say from './words.ts';
import { detailId } from '../../anatomy/detailIds.ts';
import type { ZoneColour } from '../../colour/planColour.ts';
import { LAYER_IDS, type LayerId } from '../../colour/schools.ts';
import type { Plan } from '../../planTypes.ts';
import type { Relief } from '../../surface/relief.ts';
import type { ReliefView } from '../../surface/reliefViews.ts';
import type { SeenCoat } from '../../lie/seenCoat.ts';
import { keptFor } from '../../lie/keptFor.ts';
import { fittedDrawing, WEIGHT, type Drawing, type DrawingItem } from '../drawing.ts';
import { faceItems, MARGIN_MM, reliefOf } from '../formItems.ts';
import { coatOf } from '../skin/directionMap.ts';
import { coatStrokes } from '../skin/coatStrokes.ts';

const strokesKept = keptFor<SeenCoat, readonly DrawingItem[]>();

/** The layers of a piece in their order, each with its name; those that no zone has are left out. */
export function layersOf({
  colour,
}: Plan): readonly { readonly id: LayerId; readonly name: string }[] {
  const rules = (colour?.zones ?? []).flatMap(({ layers }) => layers.map(({ rule }) => rule));
  return LAYER_IDS.flatMap((id) => {
    const rule = rules.find((of) => of.id === id);
    return rule === undefined ? [] : [{ id, name: rule.name }];
  });
}

/** What a zone looks like after so many of the layers of its piece: in its flats, on its strokes, and from afar. */
export function zoneAfter(
  { layers, clay, groundHex, end, hex }: ZoneColour,
  laid: readonly LayerId[],
): { readonly flat: string; readonly ridge: string; readonly mean: string } {
  // Coloured clay has its colour from the beginning.
  if (clay !== null) {
    const its = end?.hex ?? hex;
    return { flat: its, ridge: its, mean: its };
  }
  const last = layers.filter(({ rule }) => laid.includes(rule.id)).at(-1);
  if (last === undefined) return { flat: groundHex, ridge: groundHex, mean: groundHex };
  if (last.look === null) return { flat: last.hex, ridge: last.hex, mean: last.hex };
  const [, flat, ridge] = last.look.hexes;
  return { flat, ridge, mean: last.look.mean };
}

/**
 * The finished form from a side after so many layers, 0 being its ground: zones in the colour of their flats, and,
 * where its strokes are known, those in the colour of their ridges. Undefined while form or colours are worked out.
 */
export function paintedForm(plan: Plan, view: ReliefView, many: number): Drawing | undefined {
  const relief = reliefOf(plan, view);
  const { colour } = plan;
  if (relief === undefined || colour === null) return undefined;
  const layers = layersOf(plan);
  const laid = layers.slice(0, many).map(({ id }) => id);
  const after = new Map(colour.zones.map((of) => [of.zone.id, zoneAfter(of, laid)]));
  const coat = coatOf(plan, view);
  // The same strokes lie there at every layer: stepping only changes their colours.
  const strokes =
    coat === undefined ? [] : strokesKept(coat, 'all', () => thinned(coatStrokes(plan, coat)));
  const items = [
    ...fills(plan, relief, (id) => {
      const its = after.get(id);
      return strokes.length > 0 ? its?.flat : its?.mean;
    }),
    ...strokes.map((item) =>
      item.kind === 'fill' && item.target?.kind === 'zone'
        ? { ...item, hex: after.get(item.target.id)?.ridge ?? '#808080' }
        : item,
    ),
    ...edges(relief),
    ...faceItems(recoloured(plan, relief.face, after)),
  ];
  const name = layers[many - 1]?.name;
  const title = name === undefined ? say.onItsGround : say.afterLayer(name.toLowerCase());
  return fittedDrawing(`painted-${view}-${many}`, title, items, MARGIN_MM);
}

/** Eyes and bare skin of the face as far as they are painted: in their own colours when their layer lies. */
function recoloured(
  { measure }: Plan,
  face: Relief['face'],
  after: ReadonlyMap<string, { readonly mean: string }>,
): Relief['face'] {
  const told = measure.skeleton.animal.face;
  const own = new Map(
    (
      [
        ['eyes', told?.eyes[0]?.hex],
        ['nose', told?.pads[0]?.hex],
      ] as const
    ).flatMap(([part, hex]) => {
      const its = after.get(detailId(part));
      return hex === undefined || its === undefined ? [] : [[hex, its.mean] as const];
    }),
  );
  return {
    ...face,
    areas: face.areas.map((area) => ({ ...area, hex: own.get(area.hex) ?? area.hex })),
  };
}

/** More strokes than these say no more of a colour, and are slow to step through. */
const MOST_STROKES = 5000;

/** Some of all strokes, evenly, of each zone its share. */
function thinned(items: readonly DrawingItem[]): readonly DrawingItem[] {
  const all = items.reduce(
    (sum, item) => sum + (item.kind === 'fill' ? item.outlines.length : 0),
    0,
  );
  const every = Math.ceil(all / MOST_STROKES);
  return items.map((item) =>
    item.kind === 'fill' && every > 1
      ? { ...item, outlines: item.outlines.filter((_, n) => n % every === 0) }
      : item,
  );
}

const fills = (
  plan: Plan,
  relief: Relief,
  hexOf: (zoneId: string) => string | undefined,
): readonly DrawingItem[] =>
  relief.zones.flatMap(({ zone, loops }): DrawingItem[] => {
    const of = plan.measure.skeleton.animal.coat[zone];
    if (of === undefined) return [];
    return [
      {
        ...{ kind: 'fill', ink: 'skin', layer: 'zones', outlines: loops },
        ...{ hex: hexOf(of.id) ?? of.hex, target: { kind: 'zone', id: of.id } },
      },
    ];
  });

const edges = (relief: Relief): readonly DrawingItem[] =>
  [...relief.outline.map((points) => [...points, points[0]!]), ...relief.inner].map(
    (points): DrawingItem => ({
      ...{ kind: 'line', ink: 'soft', layer: 'edges', weight: WEIGHT.hair },
      points,
    }),
  );

/** The piece layer by layer from the side, to paint by; none while it is worked out. */
export const layerCards = (plan: Plan): readonly Drawing[] =>
  Array.from({ length: layersOf(plan).length + 1 }, (_, many) =>
    paintedForm(plan, 'side', many),
  ).filter((drawing) => drawing !== undefined);
