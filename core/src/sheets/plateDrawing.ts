import type { Side } from '../anatomy/bodyPlan.ts';
import { middleOf, type SkinPart } from '../body/skin.ts';
import { pageOfPlace } from '../measure/pictures/viewAxes.ts';
import type { PicturePoint } from '../piece/referencesSchema.ts';
import { toRad } from '../units/angles.ts';
import type { Drawing, DrawingItem, PagePoint } from './drawing.ts';
import { partOutlines } from './partOutline.ts';
import { INK_OF_SIDE } from './posedItems.ts';
import {
  layoutOf,
  lensOf,
  sceneOf,
  type PlateLayout,
  type ReferencePlate,
  type Scene,
} from './referencePlates.ts';

/** The plate as a drawing of which a millimetre is a pixel, y up from the lower edge. */
export function plateDrawing(plate: ReferencePlate): Drawing {
  const scene = sceneOf(plate);
  const layout = layoutOf(plate, scene);
  const up = ([u, v]: PicturePoint): PagePoint => [u, layout.heightPx - v];
  const skin = skinOutlines(plate, scene, layout).map(({ outline, side }) => ({
    outline: outline.map(up),
    side,
  }));
  const items =
    plate.view === 'photo'
      ? photoItems(scene, layout, skin, up)
      : drawnItems(plate, scene, layout, skin, up);
  return {
    id: plate.file,
    title: plate.title,
    box: { min: [0, 0], max: [layout.widthPx, layout.heightPx] },
    items,
  };
}

/** A part of the flesh as it is seen, with the side of its bone. */
interface SeenSkin<P> {
  readonly outline: readonly P[];
  readonly side: Side;
}

/** Outlines of the flesh on the sheet; each part is seen as large as its middle is near. */
function skinOutlines(
  plate: ReferencePlate,
  scene: Scene,
  layout: PlateLayout,
): readonly SeenSkin<PicturePoint>[] {
  const { axes } = scene;
  const { middle, factor } = lensOf(scene, plate.cameraMm);
  const drawnView = plate.view === 'front' ? 'front' : 'side';
  const nearFirst = (part: SkinPart): number =>
    axes.towards.sign * middleOf(part)[axes.towards.axis];
  return scene.skin
    .toSorted((a, b) => nearFirst(a) - nearFirst(b))
    .flatMap((part) => {
      const k = factor(middleOf(part)) * plate.pxPerMm;
      const centre = pageOfPlace(axes, middle);
      const tilt = toRad(plate.tiltDeg);
      const [c, s] = [Math.cos(tilt), Math.sin(tilt)];
      const placed = ([x, y]: PagePoint): PicturePoint => {
        const [right, high] = [(x - centre[0]) * k, (y - centre[1]) * k];
        return [
          layout.widthPx / 2 + right * c - high * s,
          layout.heightPx / 2 - (right * s + high * c),
        ];
      };
      const side = scene.bones.find(({ id }) => id === part.boneId)?.side ?? 'mid';
      return partOutlines(drawnView, part).map((outline) => ({
        outline: outline.map(placed),
        side,
      }));
    });
}

type Up = (at: PicturePoint) => PagePoint;

const line = (
  ink: DrawingItem['ink'],
  weight: number,
  points: readonly PagePoint[],
): DrawingItem => ({ kind: 'line', ink, layer: 'plate', weight, points });

/** Bones and joints over the outline, with a ground line and a bar of known length. */
function drawnItems(
  plate: ReferencePlate,
  { bones, places }: Scene,
  layout: PlateLayout,
  skin: readonly SeenSkin<PagePoint>[],
  up: Up,
): readonly DrawingItem[] {
  const order = ['right', 'mid', 'left'] as const;
  return [
    {
      kind: 'union',
      ink: 'skin',
      layer: 'plate',
      weight: 1.5,
      outlines: skin.map(({ outline }) => outline),
    },
    ...order.flatMap((side) =>
      bones
        .filter((bone) => bone.side === side)
        .map(({ from, to }) =>
          line(INK_OF_SIDE[side], side === 'right' ? 5 : 7, [
            up(layout.at(from)),
            up(layout.at(to)),
          ]),
        ),
    ),
    ...[...places.values()].map((place): DrawingItem => ({
      kind: 'circle',
      ink: 'ink',
      layer: 'plate',
      at: up(layout.at(place)),
      radius: 6,
      weight: 2,
    })),
    ...barItems(layout, up),
    {
      kind: 'text',
      ink: 'ink',
      layer: 'plate',
      face: 'title',
      at: [layout.widthPx / 2, layout.heightPx - 64],
      text: plate.title,
      sizeMm: 46,
      anchor: 'middle',
    },
  ];
}

function barItems(layout: PlateLayout, up: Up): readonly DrawingItem[] {
  const [from, to] = [up(layout.bar.from), up(layout.bar.to)];
  const tick = ([x, y]: PagePoint): DrawingItem =>
    line('ink', 3, [
      [x, y - 14],
      [x, y + 14],
    ]);
  return [
    line('ink', 2.5, [up(layout.ground.from), up(layout.ground.to)]),
    line('ink', 3, [from, to]),
    tick(from),
    tick(to),
    {
      kind: 'text',
      ink: 'ink',
      layer: 'plate',
      face: 'label',
      at: [to[0] + 24, to[1] - 11],
      text: `${layout.bar.mm} mm`,
      sizeMm: 32,
      anchor: 'start',
    },
  ];
}

/** The far side lies in shadow. */
const PELT = { right: '#4d4034', mid: '#6b5743', left: '#7b664f' } as const;

/** Sky, bank and pelt in flat colours, with chalk marks where the joints are. */
function photoItems(
  { places }: Scene,
  layout: PlateLayout,
  skin: readonly SeenSkin<PagePoint>[],
  up: Up,
): readonly DrawingItem[] {
  const { widthPx: w, heightPx: h } = layout;
  const groundY = up(layout.ground.from)[1];
  const fill = (hex: string, outlines: readonly (readonly PagePoint[])[]): DrawingItem => ({
    kind: 'fill',
    ink: 'ink',
    layer: 'plate',
    outlines,
    hex,
  });
  return [
    fill('#c7d0cf', [
      [
        [0, 0],
        [w, 0],
        [w, h],
        [0, h],
      ],
    ]),
    fill('#8d9a78', [
      [
        [0, 0],
        [w, 0],
        [w, groundY + 40],
        [w * 0.6, groundY + 62],
        [w * 0.25, groundY + 34],
        [0, groundY + 52],
      ],
    ]),
    ...skin.map(({ outline, side }) => fill(PELT[side], [outline])),
    ...[...places.values()].map((place): DrawingItem => ({
      kind: 'circle',
      ink: 'ink',
      layer: 'plate',
      at: up(layout.at(place)),
      radius: 5,
      weight: 1,
    })),
  ];
}
