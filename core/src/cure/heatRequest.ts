import type { MeasurePlan } from '../measure/planMeasure.ts';
import { boneRadii, regionBuilds } from '../mass/buildUp.ts';
import type { ClayFigures } from '../mass/clayFigures.ts';
import type { Piece } from '../piece/pieceSchema.ts';
import type { StancePlan } from '../stance/planStance.ts';
import type { HeatBody } from './heatFlow.ts';
import type { HeatMaterial } from './oneTermHeat.ts';

/** A place whose clay is slow to warm. */
export interface HeatCase {
  readonly id: 'shell-insulating' | 'shell-holding' | 'solid';
  readonly place: string;
  /** Thickness as a maker measures it: the shell, or the solid part right through. mm. */
  readonly thicknessMm: number;
  readonly body: HeatBody;
}

/** A place with its clay and its air: typical, and the corners of their ranges. */
export interface HeatPlace extends HeatCase {
  readonly typical: HeatMaterial;
  /** The corners that warm slowest and quickest. */
  readonly slowest: HeatMaterial;
  readonly quickest: HeatMaterial;
}

/** Everything the heat calculation needs, as plain data; `key` tells one request from another. */
export interface HeatRequest {
  readonly key: string;
  readonly cases: readonly HeatPlace[];
  readonly startC: number;
  readonly ovenC: number;
  readonly targetC: number;
}

/** Film coefficient of oven air, W/(m²·K), [low, high, typical]: still, and with a fan. Memory. */
export const FILM = { still: [8, 15, 12], fan: [20, 40, 30] } as const;
/** Specific heat of aluminium, J/(kg·K) (handbook value). */
const FOIL_J_PER_KGK = 900;
/** Clay goes into the oven at room temperature, °C. */
export const ROOM_C = 20;

/** The thickest shell on foil, once insulating and once holding heat, and the thickest solid part. */
export function heatCases(
  mass: Piece['mass'],
  measure: MeasurePlan,
  stance: StancePlan,
): readonly HeatCase[] {
  const builds = regionBuilds(measure.skeleton, mass).map((build) => ({
    ...build,
    radiusMm: boneRadii(build, measure.skeleton, stance.skin).at(-1)?.radiusMm ?? 0,
  }));
  const shell = builds
    .filter((one) => one.core !== 'solid')
    .sort((a, b) => b.shellMm - a.shellMm || b.radiusMm - a.radiusMm)[0];
  const solid = builds
    .filter((one) => one.core === 'solid')
    .sort((a, b) => b.radiusMm - a.radiusMm)[0];
  return [
    ...(shell === undefined ? [] : shellCases(shell.region.name, shell, mass.foil.packedGPerMl)),
    ...(solid === undefined
      ? []
      : [
          {
            id: 'solid' as const,
            place: `${solid.region.name}, solid`,
            thicknessMm: 2 * solid.radiusMm,
            body: {
              shape: 'cylinder' as const,
              innerM: 0,
              thicknessM: solid.radiusMm / 1000,
              coreJPerM2K: 0,
            },
          },
        ]),
  ];
}

/**
 * A shell warmed from outside only. Its core either takes no heat, or is a rod of packed foil of
 * the thickest radius that warms as one: heat per area ρ·c·r/2.
 */
function shellCases(
  region: string,
  shell: { readonly shellMm: number; readonly radiusMm: number },
  packedGPerMl: number,
): readonly HeatCase[] {
  const slab = { shape: 'slab' as const, innerM: 0, thicknessM: shell.shellMm / 1000 };
  const coreM = Math.max(0, shell.radiusMm - shell.shellMm) / 1000;
  return [
    {
      id: 'shell-insulating',
      place: `${region}, shell on a core that takes no heat`,
      thicknessMm: shell.shellMm,
      body: { ...slab, coreJPerM2K: 0 },
    },
    {
      id: 'shell-holding',
      place: `${region}, shell on packed foil`,
      thicknessMm: shell.shellMm,
      body: { ...slab, coreJPerM2K: (packedGPerMl * 1000 * FOIL_J_PER_KGK * coreM) / 2 },
    },
  ];
}

/** The request of clays that cure in an oven at `ovenC`; `clayOf` tells what a place is made of. */
export function heatRequest(
  cases: readonly HeatCase[],
  clayOf: (one: HeatCase) => ClayFigures,
  cure: Piece['cure'],
  ovenC: number,
): HeatRequest {
  const film = cure.fan ? FILM.fan : FILM.still;
  const place = (one: HeatCase): HeatPlace => {
    const { clay, density } = clayOf(one);
    const [k, c] = [clay.conductivity, clay.specificHeat];
    const of = (conductivity: number, specificHeat: number, h: number): HeatMaterial => ({
      conductivity,
      specificHeat,
      film: h,
      densityKgM3: density.value * 1000,
    });
    return {
      ...one,
      typical: of(k[2], c[2], film[2]),
      slowest: of(k[0], c[1], film[0]),
      quickest: of(k[1], c[0], film[1]),
    };
  };
  const asked = {
    cases: cases.map(place),
    startC: ROOM_C,
    ovenC,
    targetC: ovenC - cure.nearC,
  };
  return { key: JSON.stringify(asked), ...asked };
}
