/* eslint-disable max-lines -- one drawing with all its layers */
import * as say from './words.ts';
import type { Side } from '../anatomy/bodyPlan.ts';
import type { PosedSkeleton } from '../anatomy/pose.ts';
import { bodyBox } from '../body/blades.ts';
import { inWallMm } from '../body/wall.ts';
import { lerp, type Vec3 } from '../geometry/vec3.ts';
import type { Plan } from '../planTypes.ts';
import type { PlannedWire } from '../wire/plannedWire.ts';
import { dimension } from './dimension.ts';
import {
  fittedDrawing,
  WEIGHT,
  type Drawing,
  type DrawingItem,
  type PagePoint,
  type View,
} from './drawing.ts';
import { coatItems, zoneItems } from './coatItems.ts';
import { coreItems, shellLabels } from './coreItems.ts';
import { coilItems } from './coilItems.ts';
import { libraryOutline } from './libraryOutline.ts';
import { loadItems } from './loadItems.ts';
import { bonyItems, muscleItems, pegItems } from './muscleItems.ts';
import { stationItems } from './sectionItems.ts';
import { groundHeight } from '../posing/ground.ts';
import { pegSeat, seatDepthMm } from '../wire/pegSeat.ts';
import { besideItems, groundItems, limitItems, weightItems } from './stanceItems.ts';
import { bodyItems } from './formItems.ts';
import { BACK_TO_FRONT, boneItems, INK_OF_SIDE, WEIGHT_OF_SIDE } from './posedItems.ts';
import { hollowItems, thickItems } from './thickItems.ts';
import { project } from './views.ts';

/** What an elevation carries besides skin and base. */
export interface ElevationOptions {
  readonly show: 'bones' | 'shape' | 'wires' | 'core' | 'muscles' | 'sections' | 'zones' | 'coat';
  readonly dimensions: boolean;
  /** The bone whose joint's limits are shown as an arc. */
  readonly limitsOf?: string | null;
  /** Another stance to compare with, drawn thin behind. */
  readonly beside?: PosedSkeleton | null;
  /** Wires by what they bear, in place of the side they are on. */
  readonly byLoad?: boolean;
  /** Crosses where wires are bound to each other. */
  readonly bindings?: boolean;
  /** The whole body as one dark shape, to judge the gesture. */
  readonly silhouette?: boolean;
}

const TITLES: Readonly<Record<View, string>> = {
  side: say.sideElevation,
  front: say.frontElevation,
  top: say.fromAbove,
};
/** What else a drawing shows; front views are narrow, and their titles stay short. */
const ENDINGS: Readonly<Record<ElevationOptions['show'], string>> = {
  bones: '',
  shape: '',
  wires: say.withWires,
  core: say.withCore,
  muscles: say.muscles,
  sections: say.whereSectionsAreCut,
  zones: say.baseColours,
  coat: say.lieOfCoat,
};
const MARGIN_MM = 6;
const DIMENSION_GAP_MM = 9;

/** A true orthographic elevation of the posed model at 1:1, mm, ground line at y = 0. */
export function elevation(plan: Plan, view: View, options: ElevationOptions): Drawing {
  const items = [
    ...boardItems(plan, view),
    ...groundItems(plan, view),
    ...bodyItems(plan, view, options.silhouette === true ? 'silhouette' : 'outline'),
    ...((options.show === 'bones' || options.show === 'shape') && options.silhouette !== true
      ? boneItems(plan.stance.posed, view)
      : []),
    ...(options.show === 'shape' ? libraryOutline(plan, view) : []),
    ...(options.show === 'core' || options.show === 'sections' ? coreItems(plan, view) : []),
    ...(options.show === 'muscles'
      ? [
          ...muscleItems(plan, view),
          ...(view === 'side' ? [...pegItems(plan, view), ...bonyItems(plan, view)] : []),
        ]
      : []),
    ...(options.show === 'core' || options.show === 'sections'
      ? [...thickItems(plan, view), ...hollowItems(plan, view)]
      : []),
    ...(options.show === 'sections' ? stationItems(plan.mass?.shape?.cards ?? [], view) : []),
    ...(options.byLoad
      ? loadItems(plan, view)
      : options.show === 'wires' || options.show === 'core'
        ? wireItems(plan, view)
        : []),
    ...(options.show === 'wires' && !options.byLoad ? coilItems(plan, view) : []),
    ...(options.bindings ? bindingItems(plan, view) : []),
    ...(options.show === 'core' && view === 'side' ? shellLabels(plan, view) : []),
    ...(options.show === 'zones' ? zoneItems(plan, view) : []),
    ...(options.show === 'coat' ? coatItems(plan, view) : []),
    ...(options.show === 'bones' || options.show === 'wires' ? massItems(plan, view) : []),
    ...(view === 'top' && options.show === 'bones' ? supportItems(plan) : []),
    ...weightItems(plan, view),
    ...(options.dimensions ? dimensionItems(plan, view) : []),
  ];
  const name = view === 'front' && ENDINGS[options.show] !== '' ? 'Front' : TITLES[view];
  const title = name + ENDINGS[options.show];
  const id = `${view}-${options.show}`;
  const drawing = { ...fittedDrawing(id, title, items, MARGIN_MM), view };
  // What is laid over for a moment must not make the sheet jump: it may reach beyond the frame.
  const over = [
    ...(options.beside ? besideItems(options.beside, view) : []),
    ...(options.limitsOf ? limitItems(plan, options.limitsOf, view) : []),
  ];
  return over.length === 0 ? drawing : { ...drawing, items: [...items, ...over] };
}

function boardItems(plan: Plan, view: View): readonly DrawingItem[] {
  const { base } = plan.wire;
  if (base.on === 'wall') return plateItems(plan, view);
  if (base.on === 'none') return [];
  const [front, back] = [base.frontX, base.frontX - base.length.value];
  const [left, right] = [base.leftZ, base.leftZ + base.width.value];
  const top = view === 'top';
  const low = project(view, [front, top ? 0 : -base.thicknessMm, left]);
  const high = project(view, [back, 0, right]);
  return [boardItem(low, high)];
}

/** A board from corner to corner. */
const boardItem = (low: PagePoint, high: PagePoint): DrawingItem => ({
  kind: 'line',
  ink: 'board',
  layer: 'base',
  weight: WEIGHT.thin,
  closed: true,
  filled: true,
  points: [low, [high[0], low[1]], high, [low[0], high[1]]],
  target: { kind: 'piece', id: 'base' },
});

/** The plate of a piece on a wall: from its edge, or behind what hangs on it. */
function plateItems(
  { wire: { base }, stance: { wall } }: Plan,
  view: View,
): readonly DrawingItem[] {
  if (wall === null) return [];
  const [top, bottom] = [base.frontX, base.frontX - base.length.value];
  // Left and right are those of one who looks at the wall.
  const [left, right] = [-base.leftZ, -base.leftZ - base.width.value];
  const back = wall.at - wall.outward * base.thicknessMm;
  const corner = (out: number, up: number, across: number): PagePoint =>
    project(view, wall.axis === 0 ? [out, up, across] : [across, up, out]);
  const low = corner(wall.at, bottom, left);
  const high = corner(back, top, right);
  return [boardItem(low, high)];
}

function wireItems(plan: Plan, view: View): readonly DrawingItem[] {
  const paths = plan.wire.wires.flatMap((wire) => wirePaths(wire, view, hiddenShare(plan)));
  return BACK_TO_FRONT.flatMap((side) => paths.filter((path) => path.ink === INK_OF_SIDE[side]));
}

/** The side of the animal that a place lies on; the midplane within a millionth of a millimetre. */
const sideOf = (z: number): Side => (Math.abs(z) < 1e-6 ? 'mid' : z < 0 ? 'left' : 'right');

/** Which share of the first stretch of a rod lies in the base or the plate, 0 to 1. */
const hiddenShare =
  ({ piece, stance }: Plan) =>
  (peg: Vec3, next: Vec3): number => {
    const { wall } = stance;
    const deep =
      wall === null
        ? seatDepthMm(
            pegSeat(
              { stance, wire: piece.wire, base: piece.stance.base },
              peg[0],
              groundHeight(stance.ground, peg[0]),
            ),
          )
        : inWallMm(wall, peg);
    const rise = wall === null ? next[1] - peg[1] : deep - inWallMm(wall, next);
    return rise > 0 ? Math.min(1, deep / rise) : 1;
  };

/** A wire in parts of one side each, so that near, far and midline keep their colours. */
function wirePaths(
  wire: PlannedWire,
  view: View,
  hidden: (peg: Vec3, next: Vec3) => number,
): readonly DrawingItem[] {
  const { laid: points } = wire;
  const { pegs } = wire.route;
  const last = points.length - 2;
  // The spine belongs to the midline, whichever way the head is turned.
  const isSpine = wire.kind === 'spine';
  const stiff = wire.kind === 'rod' || wire.kind === 'iron';
  const parts = points.slice(1).flatMap((to, leg): readonly DrawingItem[] => {
    const from = points[leg]!;
    const side = isSpine ? 'mid' : sideOf((from[2] + to[2]) / 2);
    const line = (a: Vec3, b: Vec3, dashed: boolean): DrawingItem => ({
      kind: 'line',
      ink: INK_OF_SIDE[side],
      layer: `wire ${wire.id}`,
      weight: WEIGHT_OF_SIDE[side],
      dashed,
      points: [project(view, a), project(view, b)],
      target: { kind: 'wire', id: wire.id },
    });
    const inBase = (leg === 0 && pegs[0]) || (leg === last && pegs[1]);
    if (!inBase || !stiff) return [line(from, to, inBase)];
    // A rod is seen above the board; only what is inside it is hidden.
    const top = lerp(from, to, hidden(from, to));
    return [line(from, top, true), line(top, to, false)];
  });
  const marks = wire.bends.map((bend): DrawingItem => {
    const { at } = bend;
    return {
      kind: 'circle',
      ink: INK_OF_SIDE[isSpine ? 'mid' : sideOf(at[2])],
      layer: `wire ${wire.id}`,
      weight: WEIGHT.thin,
      at: project(view, at),
      radius: at[2] > 1e-6 ? 0.7 : 1,
      target: { kind: 'bend', wireId: wire.id, bend: bend.number },
    };
  });
  return [...parts, ...marks];
}

/** Half the width of the mark of a binding, mm. */
const BINDING_MM = 1.6;

/** A diagonal cross where a limb crosses the spine, two strokes where wires lie side by side. */
function bindingItems(plan: Plan, view: View): readonly DrawingItem[] {
  return plan.wire.bindings.bindings.flatMap(({ at, kind }): readonly DrawingItem[] => {
    const [x, y] = project(view, at);
    const stroke = (points: readonly (readonly [number, number])[]): DrawingItem => ({
      kind: 'line',
      ink: 'watch',
      layer: 'bindings',
      weight: WEIGHT.thin,
      points,
    });
    const r = BINDING_MM;
    return kind === 'cross'
      ? [
          stroke([
            [x - r, y - r],
            [x + r, y + r],
          ]),
          stroke([
            [x - r, y + r],
            [x + r, y - r],
          ]),
        ]
      : [-0.5, 0.5].map((k) =>
          stroke([
            [x + k - r, y - r / 2],
            [x + k + r, y + r / 2],
          ]),
        );
  });
}

/** The outline of the feet that carry, seen from above. */
function supportItems(plan: Plan): readonly DrawingItem[] {
  return [
    {
      kind: 'line',
      ink: 'ink',
      layer: 'balance',
      weight: WEIGHT.thin,
      closed: true,
      dashed: true,
      points: plan.balance.footing.hull.map(([x, z]) => project('top', [x, 0, z])),
      target: { kind: 'mass-centre', id: 'mass-centre' },
    },
  ];
}

function massItems(plan: Plan, view: View): readonly DrawingItem[] {
  const [x, y] = project(view, plan.balance.massCentre);
  const target = { kind: 'mass-centre', id: 'mass-centre' } as const;
  const r = 1.7;
  return [
    {
      kind: 'line',
      ink: 'ink',
      layer: 'balance',
      weight: WEIGHT.hair,
      dashed: true,
      points: [
        [x, y],
        [x, view === 'top' ? y : 0],
      ],
      target,
    },
    {
      kind: 'line',
      ink: 'ink',
      layer: 'balance',
      weight: WEIGHT.hair,
      closed: true,
      filled: true,
      points: [
        [x - r, y],
        [x, y + r],
        [x + r, y],
        [x, y - r],
      ],
      target,
    },
  ];
}

function dimensionItems(plan: Plan, view: View): readonly DrawingItem[] {
  const box = bodyBox(plan.stance.posed);
  const mm = (value: number): string => value.toFixed(1);
  const top = box.max[1];
  const corner = (x: number, y: number, z: number) => project(view, [x, y, z]);
  const [lowA, highA] =
    view === 'side'
      ? [corner(box.max[0], top, 0), corner(box.min[0], top, 0)]
      : [corner(0, top, box.max[2]), corner(0, top, box.min[2])];
  const outer = Math.max(lowA[0], highA[0]) + DIMENSION_GAP_MM;
  const width = Math.abs(highA[0] - lowA[0]);
  const widthTarget = { kind: 'piece', id: 'piece' } as const;
  return [
    ...dimension('horizontal', lowA, highA, top + DIMENSION_GAP_MM, mm(width), widthTarget),
    ...dimension(
      'upright',
      [Math.max(lowA[0], highA[0]), 0],
      [Math.max(lowA[0], highA[0]), top],
      outer,
      mm(plan.stance.heightAsPosed.value),
      { kind: 'height', id: 'posed' },
    ),
  ];
}
