import type { ClayId, Setting } from '../piece/materialIds.ts';

/** [low, high, typical]. */
export type Range3 = readonly [number, number, number];

/** A class of clay. All values are from memory: the packet's own label wins wherever it is given. */
export interface ClayClass {
  readonly id: ClayId;
  readonly name: string;
  readonly setting: Setting;
  readonly densityGPerMl: Range3;
  readonly packetG: number;
  /** Oven temperature, °C; null where no oven is used. */
  readonly cureC: Range3 | null;
  /** Above this it browns, smokes or slumps, °C. */
  readonly limitC: number;
  /** Minutes in the oven, or hours of drying, for each `perMm` of thickness. */
  readonly time: { readonly range: Range3; readonly unit: 'min' | 'h'; readonly perMm: number };
  /** Thermal conductivity, W/(m·K), and specific heat, J/(kg·K). */
  readonly conductivity: Range3;
  readonly specificHeat: Range3;
  readonly remark: string;
}

const PVC_CLAY = {
  setting: 'oven',
  densityGPerMl: [1.6, 1.9, 1.75],
  cureC: [110, 150, 130],
  limitC: 175,
  time: { range: [15, 30, 30], unit: 'min', perMm: 6 },
  conductivity: [0.2, 0.3, 0.25],
  specificHeat: [1200, 1500, 1350],
} as const;

/** The classes of clay offered; names are plain, ranges wide. */
export const CLAYS: readonly ClayClass[] = Object.freeze<ClayClass[]>([
  {
    ...PVC_CLAY,
    id: 'oven-firm',
    name: 'Firm oven clay',
    packetG: 454,
    remark: 'Holds detail and thin parts; needs working until it is soft.',
  },
  {
    ...PVC_CLAY,
    id: 'oven-soft',
    name: 'Soft oven clay',
    packetG: 56,
    remark: 'Blends easily and takes fingerprints; let it rest cool before fine detail.',
  },
  {
    ...PVC_CLAY,
    id: 'oven-flexible',
    name: 'Flexible oven clay',
    packetG: 56,
    remark: 'Stays bendable when cured: for posable parts and thin tips.',
  },
  {
    id: 'air-dry',
    name: 'Air-drying clay',
    setting: 'air',
    densityGPerMl: [1.3, 1.9, 1.6],
    packetG: 500,
    cureC: null,
    limitC: 60,
    time: { range: [12, 48, 24], unit: 'h', perMm: 6 },
    conductivity: [0.3, 0.9, 0.6],
    specificHeat: [1200, 2500, 1800],
    remark: 'Shrinks by some per cent and cracks over a stiff core: build it thin, in layers.',
  },
  {
    id: 'epoxy',
    name: 'Two-part epoxy putty',
    setting: 'chemical',
    densityGPerMl: [1.6, 2.1, 1.8],
    packetG: 100,
    cureC: null,
    limitC: 80,
    time: { range: [12, 24, 24], unit: 'h', perMm: 1000 },
    conductivity: [0.2, 0.6, 0.4],
    specificHeat: [1000, 1500, 1200],
    remark: 'Sets by itself at any thickness; work it within an hour or two of mixing.',
  },
]);

/** The class with this id; the schema admits no other. */
export function clayById(id: ClayId): ClayClass {
  const found = CLAYS.find((clay) => clay.id === id);
  if (found === undefined) throw new Error(`no clay ${id}`);
  return found;
}
