import * as say from './words.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import type { Fitting } from '../fittings/fittingsPlan.ts';
import type { ClayFigures } from '../mass/clayFigures.ts';
import type { MassPlan, RegionMass } from '../mass/planMass.ts';
import { curesFromC } from './cureRange.ts';
import type { HeatBody } from './heatFlow.ts';
import type { HeatMaterial } from './oneTermHeat.ts';

/** What is baked: shells over cores, solid parts, and parts that are made apart. */
export type ClayKind = 'shell' | 'solid' | 'parts';

/** A place whose clay is slow to warm. */
export interface HeatCase {
  readonly id: 'shell-insulating' | 'shell-holding' | 'solid' | 'parts';
  readonly kind: ClayKind;
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
  /** The innermost clay has to reach this, °C. */
  readonly targetC: number;
}

/** Everything the heat calculation needs, as plain data; `key` tells one request from another. */
export interface HeatRequest {
  readonly key: string;
  readonly cases: readonly HeatPlace[];
  readonly startC: number;
  readonly ovenC: number;
}

/** Film coefficient of oven air, W/(m²·K), [low, high, typical]: still, and with a fan. Memory. */
export const FILM = { still: [8, 15, 12], fan: [20, 40, 30] } as const;
/** Specific heat of aluminium, J/(kg·K) (handbook value). */
const FOIL_J_PER_KGK = 900;
/** Clay goes into the oven at room temperature, °C. */
export const ROOM_C = 20;

/**
 * The thickest shell, once on a core that takes no heat and once on one that holds it, the thickest solid
 * part, and the thickest part made apart of clay. Thicknesses are Mass's; what Mass does not know yet
 * is left out.
 */
export function heatCases(
  choice: Workpiece['mass'],
  fittings: readonly Fitting[],
  mass: MassPlan | null,
): readonly HeatCase[] {
  const thick = (mass?.thickness ?? []).flatMap(({ regionId, mm }) => {
    const region = mass!.regions.find((regionMass) => regionMass.region.id === regionId);
    return region === undefined ? [] : [{ region, mm }];
  });
  const thickest = (of: readonly { region: RegionMass; mm: number }[]) =>
    of.toSorted((a, b) => b.mm - a.mm)[0];
  const shell = thickest(thick.filter(({ region }) => region.core !== 'solid'));
  const solid = thickest(thick.filter(({ region }) => region.core === 'solid'));
  const all: readonly HeatCase[] = [
    ...(shell === undefined ? [] : shellCases(shell.region, shell.mm, choice.foil.packedGPerMl)),
    ...(solid === undefined
      ? []
      : [
          {
            id: 'solid' as const,
            kind: 'solid' as const,
            place: say.solid(solid.region.region.name),
            thicknessMm: solid.mm,
            body: roundBody('cylinder', solid.mm),
          },
        ]),
    ...thickestPart(fittings),
  ];
  // Before the body is known a piece without parts of clay goes by a thin place.
  return all.length > 0
    ? all
    : [
        {
          ...{ id: 'parts', kind: 'parts', place: say.thinPlace, thicknessMm: THIN_PLACE_MM },
          body: roundBody('cylinder', THIN_PLACE_MM),
        },
      ];
}

/** What stands for a body that is still worked out, mm. */
const THIN_PLACE_MM = 6;

/** The thickest of all parts made apart of clay, across its thinner way; none where there is none. */
function thickestPart(fittings: readonly Fitting[]): readonly HeatCase[] {
  const clay = fittings.flatMap(({ name, made, material, kind, length, sizes }) => {
    if (made !== 'set' || material.id !== 'clay') return [];
    const isBall = kind.shape === 'ball';
    const [size] = sizes;
    const thin = isBall ? length.value : Math.min(size!.thickMm, size!.wideMm);
    return [{ name, thin, shape: isBall ? ('sphere' as const) : ('cylinder' as const) }];
  });
  const [first] = clay.toSorted((a, b) => b.thin - a.thin);
  if (first === undefined) return [];
  const { name, thin: thicknessMm, shape } = first;
  return [
    {
      ...{ id: 'parts', kind: 'parts', place: say.partApart(name), thicknessMm },
      body: roundBody(shape, thicknessMm),
    },
  ];
}

/** Clay right through, warmed all round. */
const roundBody = (shape: 'cylinder' | 'sphere', thicknessMm: number): HeatBody => ({
  shape,
  innerM: 0,
  thicknessM: thicknessMm / 2000,
  coreJPerM2K: 0,
});

/**
 * A shell warmed from outside only. Its core either takes no heat, or is packed foil that warms as one:
 * heat under each area of skin ρ·c·V/A.
 */
function shellCases(
  { region, core, coreMm3, areaMm2 }: RegionMass,
  thicknessMm: number,
  packedGPerMl: number,
): readonly HeatCase[] {
  const slab = { shape: 'slab' as const, innerM: 0, thicknessM: thicknessMm / 1000 };
  const deepM = areaMm2 > 0 ? coreMm3 / areaMm2 / 1000 : 0;
  const common = { kind: 'shell', thicknessMm } as const;
  return [
    {
      ...common,
      id: 'shell-insulating',
      place: say.shellOnCoreThat(region.name),
      body: { ...slab, coreJPerM2K: 0 },
    },
    ...(core === 'hollow'
      ? []
      : [
          {
            ...common,
            id: 'shell-holding' as const,
            place: say.shellOnPackedFoil(region.name),
            body: { ...slab, coreJPerM2K: packedGPerMl * 1000 * FOIL_J_PER_KGK * deepM },
          },
        ]),
  ];
}

/** The request of clays that cure in an oven at `ovenC`; `clayOf` tells what a place is made of. */
export function heatRequest(
  cases: readonly HeatCase[],
  clayOf: (heatCase: HeatCase) => ClayFigures,
  cure: Workpiece['cure'],
  ovenC: number,
): HeatRequest {
  const film = cure.fan ? FILM.fan : FILM.still;
  const place = (heatCase: HeatCase): HeatPlace => {
    const figures = clayOf(heatCase);
    const { clay, density } = figures;
    const [k, c] = [clay.conductivity, clay.specificHeat];
    const of = (conductivity: number, specificHeat: number, h: number): HeatMaterial => ({
      conductivity,
      specificHeat,
      film: h,
      densityKgM3: density.value * 1000,
    });
    return {
      ...heatCase,
      typical: of(k[2], c[2], film[2]),
      slowest: of(k[0], c[1], film[0]),
      quickest: of(k[1], c[0], film[1]),
      targetC: curesFromC(figures),
    };
  };
  const asked = { cases: cases.map(place), startC: ROOM_C, ovenC };
  // What a place is called is not read.
  const read = (name: string, value: unknown): unknown => (name === 'place' ? undefined : value);
  return { key: JSON.stringify(asked, read), ...asked };
}
