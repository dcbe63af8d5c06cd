import * as say from './words.ts';
import { endsAtJoint, sameRef, type RouteRef } from './routeRef.ts';
import type { Vec3 } from '../geometry/vec3.ts';
import { input, type Working, type WorkingInput } from '../piece/working.ts';
import { binderById } from './binders.ts';
import { decided, derived } from './cutLines.ts';
import type { PlannedWire } from './plannedWire.ts';
import type { WireSetting } from './wireSetting.ts';
import { choiceDiameterMm } from './wireStock.ts';

/** A place where wires are bound: crossed on the diagonal, or side by side. */
export interface Binding {
  readonly at: Vec3;
  readonly place: string;
  readonly kind: 'cross' | 'beside';
  /** The wires it holds, by letter. */
  readonly wires: readonly string[];
  readonly aMm: number;
  readonly bMm: number;
  /** How many of them there are: one a toe. */
  readonly count: number;
}

/** All bindings with the wire or tape that they take. */
export interface BindingPlan {
  readonly bindings: readonly (Binding & { readonly length: Working })[];
  readonly total: Working;
  readonly workings: readonly Working[];
}

/** Radii to the middle of the tie, the way from axis to axis, and the difference of the radii. mm. */
function belt(aMm: number, bMm: number, tieMm: number) {
  const [R, r] = [(Math.max(aMm, bMm) + tieMm) / 2, (Math.min(aMm, bMm) + tieMm) / 2];
  return { R, r, c: (aMm + bMm) / 2, s: R - r };
}

const beltInputs = (aMm: number, bMm: number, tieMm: number): readonly WorkingInput[] => {
  const { R, r, c, s } = belt(aMm, bMm, tieMm);
  return [
    derived('R', say.thickerWireToMiddle, R, 'mm'),
    derived('r', say.thinnerWireToMiddle, r, 'mm'),
    derived('c', say.fromAxisToAxis, c, 'mm'),
    derived('s', say.differenceOfRadii, s, 'mm'),
  ];
};

/**
 * Length in mm once round two touching round wires of diameters a and b, along the middle of a tie of
 * thickness t: an open belt, 2√(c² − (R−r)²) + π(R + r) + 2(R−r)·asin((R−r)/c). Geometry of belts.
 */
export function beltMm(aMm: number, bMm: number, tieMm: number): number {
  const { R, r, c, s } = belt(aMm, bMm, tieMm);
  return 2 * Math.sqrt(c * c - s * s) + Math.PI * (R + r) + 2 * s * Math.asin(s / c);
}

/**
 * Length in mm of one turn on the diagonal of a crossing: as round a rod as thick as both wires and
 * the tie, π(a + b + t). On the safe side of the true loop; common practice.
 */
export const crossTurnMm = (aMm: number, bMm: number, tieMm: number): number =>
  Math.PI * (aMm + bMm + tieMm);

/** Where the wires of a plan are bound to each other. */
// eslint-disable-next-line max-lines-per-function -- one case for each kind of wire
export function bindingsOf(
  { wire, ropeMm }: WireSetting,
  wires: readonly PlannedWire[],
): readonly Binding[] {
  const spine =
    wires.find(({ kind }) => kind === 'spine') ?? wires.find(({ kind }) => kind === 'limbs');
  const spineId = spine?.id ?? '';
  const trunkMm = ropeMm;
  const coil = wire.scheme === 'coiled-trunk' ? 2 : 1;
  return wires.flatMap((wire): readonly Binding[] => {
    const d = wire.diameterMm;
    const first = wire.route.points[0]!;
    const last = wire.route.points.at(-1)!;
    const bind = (
      kind: Binding['kind'],
      at: typeof first,
      to: string,
      bMm: number,
      count = 1,
    ): Binding => ({ at: at.at, place: at.name, kind, wires: [wire.id, to], aMm: d, bMm, count });
    const overlaps = wire.own
      ? [first, last]
          .filter(({ ref }) => endsAtJoint(ref))
          .map((end) => bind('beside', end, partner(wires, wire, end.ref) ?? spineId, d, 2))
      : [];
    switch (wire.kind) {
      case 'spine':
        return [
          ...overlaps,
          ...wire.moreStrands.map(({ id, count }): Binding => ({
            ...bind('beside', first, id, d, count),
            place: say.startOf(id),
          })),
          ...(wire.key === 'tail'
            ? [bind('beside', last, partner(wires, wire, last.ref) ?? '', d, 2)]
            : []),
        ];
      case 'limbs':
      case 'limb': {
        const { wrapAt, points } = wire.route;
        const to =
          wire.otherEndOf === null && wire.strands === 1
            ? spineId
            : (wires.find(({ key }) => key === wire.otherEndOf)?.id ?? wire.id);
        return [
          ...overlaps,
          ...(wrapAt === null ? [] : [bind('cross', points[wrapAt]!, to, trunkMm, coil)]),
        ];
      }
      case 'rod':
      case 'iron': {
        const to = partner(wires, wire, last.ref);
        const partnerMm = wires.find(({ id }) => id === to)?.diameterMm ?? trunkMm;
        // Two lashings, or the rod can turn: common practice.
        return [
          bind('beside', wire.route.points.at(-2)!, to ?? spineId, partnerMm),
          bind('beside', last, to ?? spineId, partnerMm),
        ];
      }
      case 'fine': {
        const to = partner(wires, wire, first.ref) ?? spineId;
        const partnerMm = wires.find(({ id }) => id === to)?.diameterMm ?? trunkMm;
        return [bind('beside', first, to, partnerMm, wire.count)];
      }
    }
  });
}

/** Another wire that passes the same place, or the bone before it. */
function partner(
  wires: readonly PlannedWire[],
  plannedWire: PlannedWire,
  ref: RouteRef,
): string | undefined {
  const at = plannedWire.route.points.find((point) => sameRef(point.ref, ref))?.at;
  if (at === undefined) return undefined;
  let best: { id: string; far: number } | undefined;
  for (const other of wires) {
    if (other === plannedWire || other.kind === 'fine' || other.kind === 'rod') continue;
    for (const point of other.route.points) {
      const far = Math.hypot(point.at[0] - at[0], point.at[1] - at[1], point.at[2] - at[2]);
      if (best === undefined || far < best.far) best = { id: other.id, far };
    }
  }
  return best?.id;
}

/** Bindings with their lengths, and whether what binds them stands the bake. */
export function planBindings({ wire }: WireSetting, bindings: readonly Binding[]): BindingPlan {
  const binder = binderById(wire.binder.kind);
  const tieMm = binder.id === 'tie-wire' ? choiceDiameterMm(wire.binder) : 0.3;
  const made = bindings.map((binding, i) => ({
    ...binding,
    length: bindingWorking(wire, binding, i, tieMm),
  }));
  const totalMm = made.reduce((sum, { length, count }) => sum + length.value * count, 0);
  const total: Working = {
    id: 'wire.bindings.total',
    stage: 'wire',
    label: binder.wound ? say.inAll(binder.name) : say.placesToBind,
    value: binder.wound ? totalMm / 1000 : made.reduce((sum, { count }) => sum + count, 0),
    unit: binder.wound ? 'm' : 'count',
    digits: binder.wound ? 2 : 0,
    provenance: 'derived',
    formula: binder.wound ? 'Σ(Nᵢ · lᵢ)' : 'Σ Nᵢ',
    inputs: made.flatMap(({ length, count }) => [
      input('Nᵢ', say.bindings(length.label), count, 'count', 'derived'),
      ...(binder.wound
        ? [input('lᵢ', say.each(length.label), length.value, 'mm' as const, 'derived')]
        : []),
    ]),
    source: say.commonPractice(binder.why),
  };
  return { bindings: made, total, workings: [total, ...made.map(({ length }) => length)] };
}

function bindingWorking(
  { binder }: WireSetting['wire'],
  binding: Binding,
  i: number,
  tieMm: number,
): Working {
  const cross = binding.kind === 'cross';
  const turns = 2 * binder.turns;
  const turnMm = cross
    ? crossTurnMm(binding.aMm, binding.bMm, tieMm)
    : beltMm(binding.aMm, binding.bMm, tieMm);
  return {
    id: `wire.binding.${i + 1}`,
    stage: 'wire',
    label: `${binding.wires.join(' to ')}, ${binding.place}`,
    value: turns * turnMm + 2 * binder.tailMm,
    unit: 'mm',
    digits: 0,
    provenance: 'derived',
    formula: cross
      ? '2 · n · π · (a + b + t) + 2 · tail'
      : '2 · n · (2 · √(c² − s²) + π · (R + r) + 2 · s · asin(s / c)) + 2 · tail',
    inputs: [
      decided('n', cross ? say.turnsOnEachDiagonal : say.halfTurns, binder.turns, 'count'),
      derived('a', say.wire, binding.aMm, 'mm'),
      derived('b', say.whatItIsBound, binding.bMm, 'mm'),
      decided('t', say.tie, tieMm, 'mm'),
      decided('tail', say.tailToTwistOff, binder.tailMm, 'mm'),
      ...(cross ? [] : beltInputs(binding.aMm, binding.bMm, tieMm)),
    ],
    source: say.geometryOfBeltsNumber,
    target: { kind: 'wire', id: binding.wires[0] ?? '' },
  };
}
