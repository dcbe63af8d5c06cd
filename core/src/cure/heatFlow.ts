import type { HeatMaterial, HeatShape } from './oneTermHeat.ts';

/** What lies under the clay: nothing that takes heat, or a body that warms with it. */
export interface HeatBody {
  readonly shape: HeatShape;
  /** Radius where the clay begins, m: 0 for solid rods and balls, and for slabs. */
  readonly innerM: number;
  readonly thicknessM: number;
  /** Heat that the core holds under each m² of its face, J/(m²·K); 0 insulates. */
  readonly coreJPerM2K: number;
}

/** Temperatures over time, °C, at equal steps. */
export interface HeatCurve {
  readonly stepS: number;
  readonly innermost: readonly number[];
  readonly surface: readonly number[];
}

/** Cells through the clay: the time to a temperature is then within a few parts in a thousand. */
export const HEAT_CELLS = 40;

/**
 * Heat flow through clay from a convecting surface to its core, in one dimension, by finite volumes
 * and Crank–Nicolson steps (J. Crank & P. Nicolson, 1947). The core is one node in perfect contact
 * with the clay. The oven stays as it is, °C, or changes with the second. Returns the curves from 0 s on, `steps` steps of `stepS`.
 */
export function heatFlow(
  body: HeatBody,
  material: HeatMaterial,
  startC: number,
  oven: number | ((second: number) => number),
  stepS: number,
  steps: number,
  cells = HEAT_CELLS,
): HeatCurve {
  const ovenAt = typeof oven === 'number' ? () => oven : oven;
  const net = network(body, material, cells);
  const temperature = new Float64Array(net.capacity.length).fill(startC);
  const innermost = [startC];
  const surface = [startC];
  const system = factored(net, stepS);
  for (let step = 0; step < steps; step++) {
    // Air that changes is taken in the middle of the step.
    advance(net, system, temperature, ovenAt((step + 0.5) * stepS), stepS);
    innermost.push(net.hasCore ? temperature[0]! : atInnerFace(temperature));
    surface.push(atSurface(net, temperature, ovenAt((step + 1) * stepS)));
  }
  return { stepS, innermost, surface };
}

/** Nodes from the core outwards: their heat capacities, and the conductances between them. */
interface Network {
  readonly hasCore: boolean;
  /** J/K, per m² of slab, per 2π m of rod, per 4π of ball. */
  readonly capacity: Float64Array;
  /** W/K between node i and i + 1; the last is to the oven. */
  readonly conductance: Float64Array;
  /** The share of the last conductance that is the film of air: it tells the surface. */
  readonly film: number;
}

function network(body: HeatBody, m: HeatMaterial, cells: number): Network {
  const power = { slab: 0, cylinder: 1, sphere: 2 }[body.shape];
  const dr = body.thicknessM / cells;
  const areaAt = (r: number): number => r ** power;
  const volume = (from: number, to: number): number =>
    (to ** (power + 1) - from ** (power + 1)) / (power + 1);
  const hasCore = body.coreJPerM2K > 0;
  const capacity: number[] = hasCore ? [body.coreJPerM2K * areaAt(body.innerM)] : [];
  const conductance: number[] = hasCore ? [(2 * m.conductivity * areaAt(body.innerM)) / dr] : [];
  const rho = m.densityKgM3 * m.specificHeat;
  for (let i = 0; i < cells; i++) {
    const from = body.innerM + i * dr;
    capacity.push(rho * volume(from, from + dr));
    if (i < cells - 1) conductance.push((m.conductivity * areaAt(from + dr)) / dr);
  }
  const outerArea = areaAt(body.innerM + body.thicknessM);
  const film = m.film * outerArea;
  const clay = (2 * m.conductivity * outerArea) / dr;
  conductance.push((film * clay) / (film + clay));
  return {
    hasCore,
    capacity: Float64Array.from(capacity),
    conductance: Float64Array.from(conductance),
    film,
  };
}

/** The left side of the Crank–Nicolson step, eliminated once, as it stays the same. */
interface Factored {
  readonly diagonal: Float64Array;
  readonly upper: Float64Array;
  readonly lower: Float64Array;
}

function factored({ capacity, conductance }: Network, stepS: number): Factored {
  const n = capacity.length;
  const diagonal = new Float64Array(n);
  const upper = new Float64Array(n);
  const lower = new Float64Array(n);
  for (let i = 0; i < n; i++) {
    const before = i > 0 ? conductance[i - 1]! : 0;
    diagonal[i] = capacity[i]! / stepS + (before + conductance[i]!) / 2;
    upper[i] = i < n - 1 ? -conductance[i]! / 2 : 0;
    if (i === 0) continue;
    lower[i] = -before / 2 / diagonal[i - 1]!;
    diagonal[i]! -= lower[i]! * upper[i - 1]!;
  }
  return { diagonal, upper, lower };
}

function advance(
  { capacity, conductance }: Network,
  { diagonal, upper, lower }: Factored,
  t: Float64Array,
  ovenC: number,
  stepS: number,
): void {
  const n = t.length;
  const right = new Float64Array(n);
  for (let i = 0; i < n; i++) {
    const inflow = i > 0 ? conductance[i - 1]! * (t[i - 1]! - t[i]!) : 0;
    const outside = i < n - 1 ? t[i + 1]! : ovenC;
    right[i] = (capacity[i]! / stepS) * t[i]! + (inflow + conductance[i]! * (outside - t[i]!)) / 2;
    // The half of the new step that is already known: the node itself stays on the left side.
    if (i === n - 1) right[i]! += (conductance[i]! * ovenC) / 2;
    if (i > 0) right[i]! -= lower[i]! * right[i - 1]!;
  }
  t[n - 1] = right[n - 1]! / diagonal[n - 1]!;
  for (let i = n - 2; i >= 0; i--) t[i] = (right[i]! - upper[i]! * t[i + 1]!) / diagonal[i]!;
}

/** Inner face of clay on an insulating core: a parabola through two cells, flat at the face. */
const atInnerFace = (t: Float64Array): number => t[0]! - (t[1]! - t[0]!) / 8;

function atSurface({ conductance, film }: Network, t: Float64Array, ovenC: number): number {
  const last = t.length - 1;
  return ovenC - (conductance[last]! * (ovenC - t[last]!)) / film;
}

/** Seconds at which a rising curve reaches a temperature, between its steps; null if it does not. */
export function timeToReachS(
  curve: readonly number[],
  stepS: number,
  targetC: number,
): number | null {
  const at = curve.findIndex((t) => t >= targetC);
  if (at < 0) return null;
  if (at === 0) return 0;
  const [before, after] = [curve[at - 1]!, curve[at]!];
  return (at - 1 + (targetC - before) / (after - before)) * stepS;
}
