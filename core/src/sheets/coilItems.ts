import { lerp } from '../geometry/vec3.ts';
import type { Plan } from '../planTypes.ts';
import { WEIGHT, type DrawingItem, type PagePoint, type View } from './drawing.ts';
import { project } from './views.ts';

/** Corners that make a ring look round at any print. */
const RING = 48;

const ring = ([x, y]: PagePoint, radius: number): readonly PagePoint[] =>
  Array.from({ length: RING }, (_, i): PagePoint => {
    const angle = (2 * Math.PI * i) / RING;
    return [x + radius * Math.cos(angle), y + radius * Math.sin(angle)];
  });

/** The coil of a coiled trunk as it is seen: half turns across its axis, or from its end a circle. */
export function coilItems({ wire }: Plan, view: View): readonly DrawingItem[] {
  const { coil } = wire;
  const spine = wire.wires.find(({ kind }) => kind === 'spine');
  if (coil === null || spine === undefined) return [];
  const radius = (coil.formerMm + spine.diameterMm) / 2;
  const [from, to] = [project(view, coil.from), project(view, coil.to)];
  const long = Math.hypot(to[0] - from[0], to[1] - from[1]);
  const common = {
    ink: 'mid',
    layer: `wire ${spine.id}`,
    weight: WEIGHT.thin,
    target: { kind: 'wire', id: spine.id },
  } as const;
  // Seen along its axis it is a ring.
  if (long < 2 * radius && view === 'front') {
    const points = ring(project(view, lerp(coil.from, coil.to, 0.5)), radius);
    return [{ ...common, kind: 'line', closed: true, points }];
  }
  const across: PagePoint = [
    (-(to[1] - from[1]) * radius) / long,
    ((to[0] - from[0]) * radius) / long,
  ];
  const halves = Math.max(2, Math.round(2 * coil.turns));
  const points = Array.from({ length: halves + 1 }, (_, i): PagePoint => {
    const [x, y] = project(view, lerp(coil.from, coil.to, i / halves));
    const side = i % 2 === 0 ? 1 : -1;
    return [x + side * across[0], y + side * across[1]];
  });
  return [{ ...common, kind: 'line', points }];
}
