import type { Side } from '../anatomy/bodyPlan.ts';
import { zoneOf, type CoatZone, type Facing } from '../anatomy/coat.ts';
import { halfHeight, sectionMiddle, type AxisSample } from '../body/sleeveSection.ts';
import { type SkinPart } from '../body/skin.ts';
import { lerp, scale, sub, type Vec3 } from '../geometry/vec3.ts';
import type { Plan } from '../planTypes.ts';
import type { Relief } from '../surface/relief.ts';
import { WEIGHT, type DrawingItem, type PagePoint, type View } from './drawing.ts';
import { faceItems, reliefOf } from './formItems.ts';
import { partOutlines } from './partOutline.ts';
import { INK_OF_SIDE } from './posedItems.ts';
import { seeded, seedOf, strokeOutline } from './strokes.ts';
import { project } from './views.ts';

/** Which way the skin looks that an elevation shows. */
const SEEN: Readonly<Record<View, Facing>> = { side: 'side', front: 'side', top: 'up' };
/** Strokes drawn on one part of the flesh: enough to show the lie, few enough to see it. */
const STROKES_PER_PART = 46;

const zoneAtBone = (plan: Plan, boneId: string, facing: Facing): CoatZone | undefined => {
  const { skeleton } = plan.measure;
  return zoneOf(skeleton.animal.coat, skeleton.byId.get(boneId)?.key ?? '', facing);
};
const zoneAt = (plan: Plan, part: SkinPart, facing: Facing): CoatZone | undefined =>
  zoneAtBone(plan, part.boneId, facing);

/** The side of the body that a part of the skin is on. */
export const sideOf = (plan: Plan, { boneId }: SkinPart): Side =>
  plan.measure.skeleton.byId.get(boneId)?.side ?? 'mid';

/** From far to near, as the side elevation shows them. */
const DEPTH: Readonly<Record<Side, number>> = { right: 0, mid: 1, left: 2 };

/** Far parts first, so that near ones lie over them. */
const backToFront = (plan: Plan): readonly SkinPart[] => {
  const depth = (part: SkinPart): number => DEPTH[sideOf(plan, part)];
  return plan.stance.skin.toSorted((a, b) => depth(a) - depth(b));
};

/** Every zone that is seen filled with its base colour: of the relief, or of the parts until that is known. */
export function zoneItems(plan: Plan, view: View): readonly DrawingItem[] {
  const relief = reliefOf(plan, view);
  return relief === undefined ? partZoneItems(plan, view) : reliefZoneItems(plan, relief);
}

const hexOf = (plan: Plan, zone: CoatZone): string =>
  plan.colour?.zones.find((zoneColour) => zoneColour.zone.id === zone.id)?.hex ?? zone.hex;

function reliefZoneItems(plan: Plan, relief: Relief): readonly DrawingItem[] {
  const { coat } = plan.measure.skeleton.animal;
  const fills = relief.zones.flatMap(({ zone, loops }): DrawingItem[] => {
    const of = coat[zone];
    if (of === undefined) return [];
    return [
      {
        kind: 'fill',
        ink: 'skin',
        layer: 'zones',
        hex: hexOf(plan, of),
        outlines: loops,
        target: { kind: 'zone', id: of.id },
      },
    ];
  });
  const edges = [...relief.outline.map((points) => [...points, points[0]!]), ...relief.inner].map(
    (points): DrawingItem => ({
      kind: 'line',
      ink: 'soft',
      layer: 'zones',
      weight: WEIGHT.hair,
      points,
    }),
  );
  return [...fills, ...edges, ...faceItems(relief.face)];
}

/** Every part and blade filled with the base colour of its zone, far ones first. */
function partZoneItems(plan: Plan, view: View): readonly DrawingItem[] {
  const fill = (
    zone: CoatZone | undefined,
    outline: readonly PagePoint[] | null,
  ): readonly DrawingItem[] => {
    if (zone === undefined || outline === null) return [];
    return [
      {
        kind: 'fill',
        ink: 'skin',
        layer: 'zones',
        hex: hexOf(plan, zone),
        outlines: [outline],
        target: { kind: 'zone', id: zone.id },
      },
    ];
  };
  const bladesOn = (near: boolean): readonly DrawingItem[] =>
    plan.stance.blades
      .filter((blade) => (blade.side === 'left') === near)
      .flatMap((blade) =>
        fill(
          zoneAtBone(plan, blade.boneId, SEEN[view]),
          blade.outline.map((point) => project(view, point)),
        ),
      );
  return [
    ...bladesOn(false),
    ...backToFront(plan).flatMap((part) =>
      partOutlines(view, part).flatMap((outline) => fill(zoneAt(plan, part, SEEN[view]), outline)),
    ),
    ...bladesOn(true),
  ];
}

/** Strokes at their true length and width along the lie of the hair, away from the nose. */
export function coatItems(plan: Plan, view: View): readonly DrawingItem[] {
  const relief = reliefOf(plan, view);
  return relief === undefined ? partCoatItems(plan, view) : reliefCoatItems(plan, relief);
}

/** Strokes as they lie on the skin that is seen, shorter where they point towards the viewer. */
function reliefCoatItems(plan: Plan, relief: Relief): readonly DrawingItem[] {
  const strokes = plan.measure.skeleton.animal.coat.flatMap((zone, n): readonly DrawingItem[] => {
    const coat = plan.skin.zones.find((entry) => entry.zone.id === zone.id);
    if (!coat?.width || coat.method === 'smooth') return [];
    const [long, wide] = [coat.length.value, coat.width.value];
    return (['right', 'mid', 'left'] as const).flatMap((side): readonly DrawingItem[] => {
      const random = seeded(seedOf(`${zone.id}${relief.view}${side}`));
      const outlines = relief.lie
        .filter((lie) => lie.zone === n && lie.side === side)
        .map(({ at, way: [dx, dy] }) =>
          strokeOutline(at, Math.atan2(dy, dx), long * Math.hypot(dx, dy), wide, random),
        );
      if (outlines.length === 0) return [];
      const target = { kind: 'zone', id: zone.id } as const;
      return [{ kind: 'fill', ink: INK_OF_SIDE[side], layer: 'coat', outlines, target }];
    });
  });
  return [...strokes, ...faceItems(relief.face)];
}

/** The same part by part, until the surface is known. */
function partCoatItems(plan: Plan, view: View): readonly DrawingItem[] {
  return backToFront(plan)
    .filter((part) => sideOf(plan, part) !== 'right')
    .flatMap((part): DrawingItem[] => {
      const zone = zoneAt(plan, part, SEEN[view]);
      const coat = plan.skin.zones.find((entry) => entry.zone.id === zone?.id);
      if (zone === undefined || !coat?.width || coat.method === 'smooth') return [];
      return [
        {
          kind: 'fill',
          ink: sideOf(plan, part) === 'left' ? 'near' : 'mid',
          layer: 'coat',
          outlines: partStrokes(plan, view, part, coat.length.value, coat.width.value),
          target: { kind: 'zone', id: zone.id },
        },
      ];
    });
}

function partStrokes(
  plan: Plan,
  view: View,
  part: SkinPart,
  lengthMm: number,
  widthMm: number,
): readonly (readonly PagePoint[])[] {
  const [from, to] = lieOf(plan, part);
  const [start, end] = [project(view, from.at), project(view, to.at)];
  const [dx, dy] = [end[0] - start[0], end[1] - start[1]];
  const reach = Math.hypot(dx, dy) || 1;
  const heading = Math.atan2(dy, dx);
  const random = seeded(seedOf(`${part.boneId}${view}${from.radius}`));
  return Array.from({ length: STROKES_PER_PART }, () => {
    const along = random();
    const radius = from.radius + (to.radius - from.radius) * along;
    const across = 0.92 * radius * (2 * random() - 1);
    const root: PagePoint = [
      start[0] + dx * along - (dy / reach) * across,
      start[1] + dy * along + (dx / reach) * across,
    ];
    // The flow narrows or widens with the flesh.
    const fan = Math.atan2((across / (radius || 1)) * (to.radius - from.radius), reach);
    // A long feather ends with the part that it grows on.
    const room = lengthMm > reach / 2 ? reach * Math.max(1 - along, 0.15) : lengthMm;
    return strokeOutline(root, heading + fan, Math.min(lengthMm, room), widthMm, random);
  });
}

interface LieEnd {
  readonly at: Vec3;
  readonly radius: number;
}

/** Both ends of a part's axis, the one nearer to the nose first: hair runs from it to the other. */
function lieOf(plan: Plan, part: SkinPart): readonly [LieEnd, LieEnd] {
  const bone = plan.measure.skeleton.byId.get(part.boneId);
  const ends = axisEnds(part);
  // Bones of the column that run forwards carry hair that runs back along them.
  const forwards = bone?.side === 'mid' && (bone.rest[0] ?? 0) > 0;
  return forwards ? [ends[1], ends[0]] : ends;
}

function axisEnds(part: SkinPart): readonly [LieEnd, LieEnd] {
  if (part.kind === 'sleeve') {
    const ends = [part.samples[0]!, part.samples.at(-1)!] as const;
    // A sleeve may go along its chain the other way than its bone goes.
    const [first, last] = ends[0].share <= ends[1].share ? ends : [ends[1], ends[0]];
    const end = (sample: AxisSample): LieEnd => ({
      at: sectionMiddle(sample),
      radius: halfHeight(sample),
    });
    return [end(first), end(last)];
  }
  const half = scale(part.axes[0], part.radii[0] * 0.8);
  const radius = part.radii[1] * 0.75;
  const back = sub(part.centre, half);
  return [
    { at: back, radius },
    { at: lerp(back, part.centre, 2), radius },
  ];
}
