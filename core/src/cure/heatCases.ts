import * as say from './words.ts';
import { SHELL, SURFACE, type BakeItem } from '../bakes/bakeItems.ts';
import type { PlannedBake } from '../bakes/planOrder.ts';
import type { BodyPart, Fitting } from '../fittings/fittingsPlan.ts';
import type { ClayFigures } from '../mass/clayFigures.ts';
import type { MassPlan, RegionMass } from '../mass/planMass.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import type { HeatBody } from './heatFlow.ts';

/** What is baked: shells over cores, solid parts, parts that are made apart, and parts of the body made apart. */
export type ClayKind = 'shell' | 'solid' | 'parts' | 'apart';

/** A place whose clay is slow to warm, in one of the bakes. */
export interface HeatCase {
  readonly id: string;
  /** The bake that it is in. */
  readonly bake: string;
  readonly kind: ClayKind;
  readonly place: string;
  readonly figures: ClayFigures;
  /** Thickness as a maker measures it: the shell, or the solid part right through. mm. */
  readonly thicknessMm: number;
  readonly body: HeatBody;
  /** A second case of the same clay, on a core that holds heat. */
  readonly isOnCore: boolean;
}

/** What the places are told from. */
export interface HeatPlaces {
  readonly skeleton: Skeleton;
  readonly fittings: readonly Fitting[];
  readonly bodyParts: readonly BodyPart[];
  readonly mass: MassPlan | null;
  /** Density of packed foil, g/ml. */
  readonly packedGPerMl: number;
  readonly figures: ClayFigures;
  readonly shellFigures: ClayFigures | null;
}

/** Specific heat of aluminium, J/(kg·K) (handbook value). */
const FOIL_J_PER_KGK = 900;
/** What stands for a body that is still worked out, mm. */
const THIN_PLACE_MM = 6;

/**
 * The slow places of one bake: its thickest shell, once on a core that takes no heat and once on one that holds it, its
 * thickest solid part, its thickest part made apart. Of what is baked first the skin that comes over it is not there
 * yet. Thicknesses are Mass's; what Mass does not know yet is left out.
 */
export function heatCases(bake: PlannedBake, places: HeatPlaces): readonly HeatCase[] {
  const { mass } = places;
  const has = (id: string): boolean => bake.items.some((item) => item.id === id);
  const isWhole = has(SURFACE);
  const body = (has(SHELL) || isWhole) && mass !== null ? bodyCases(mass, isWhole, places) : [];
  const all = [...body, ...bodyPartCases(bake.items, places), ...partCases(bake.items, places)];
  // Before the body is known a bake of it goes by a thin place.
  const thin: Draft = {
    ...{ id: 'thin', kind: 'parts', place: say.thinPlace, thicknessMm: THIN_PLACE_MM },
    ...{ body: roundBody('cylinder', THIN_PLACE_MM), isOnCore: false },
    figures: bake.items.find(({ clay }) => clay !== null)?.clay ?? places.figures,
  };
  const known = all.length > 0 ? all : [thin];
  // The finish keeps the plain names: it is the bake that every piece has.
  const named = (id: string): string => (bake.id === 'finish' ? id : `${id}.${bake.id}`);
  return known.map((heatCase) => ({ ...heatCase, id: named(heatCase.id), bake: bake.id }));
}

type Draft = Omit<HeatCase, 'bake'>;

interface Thick {
  readonly region: RegionMass;
  readonly mm: number;
}

/** Shells and solid parts of the body, whole or without the skin that is laid over them later. */
function bodyCases(
  mass: MassPlan,
  isWhole: boolean,
  { packedGPerMl, figures, shellFigures, bodyParts, skeleton }: HeatPlaces,
): readonly Draft[] {
  // What is made apart is joined when the first bake is done.
  const apart = new Set(
    bodyParts.flatMap(({ boneIds }) => boneIds.map((id) => skeleton.byId.get(id)?.key)),
  );
  const thick = mass.thickness.flatMap(({ regionId, mm }): Thick[] => {
    const region = mass.regions.find((regionMass) => regionMass.region.id === regionId);
    if (region === undefined) return [];
    if (!isWhole && region.region.bones.every((key) => apart.has(key))) return [];
    // A solid part loses its skin on both sides.
    const sides = region.core === 'solid' ? 2 : 1;
    const bare = isWhole ? mm : mm - sides * region.skinMm;
    return bare > 0 ? [{ region, mm: bare }] : [];
  });
  const thickest = (of: readonly Thick[]): Thick | undefined =>
    of.toSorted((a, b) => b.mm - a.mm)[0];
  const shell = thickest(thick.filter(({ region }) => region.core !== 'solid'));
  const solid = thickest(thick.filter(({ region }) => region.core === 'solid'));
  const solidOf = ({ region, mm }: Thick): Draft => ({
    ...{ id: 'solid', kind: 'solid', place: say.solid(region.region.name) },
    ...{ thicknessMm: mm, body: roundBody('cylinder', mm), figures, isOnCore: false },
  });
  return [
    ...(shell === undefined ? [] : shellCases(shell, packedGPerMl, shellFigures ?? figures)),
    ...(solid === undefined ? [] : [solidOf(solid)]),
  ];
}

/** The thickest of the parts of the body that cure in it, by the region that they belong to. */
function bodyPartCases(
  items: readonly BakeItem[],
  { bodyParts, mass, skeleton, figures }: HeatPlaces,
): readonly Draft[] {
  const own = bodyParts.filter(({ boneId }) => items.some(({ of }) => of === boneId));
  const thick = own.flatMap(({ name, boneIds }) => {
    const keys = new Set(boneIds.map((id) => skeleton.byId.get(id)?.key));
    return (mass?.thickness ?? []).flatMap(({ regionId, mm }) => {
      const region = mass!.regions.find((of) => of.region.id === regionId);
      return region?.region.bones.some((key) => keys.has(key)) ? [{ name, mm }] : [];
    });
  });
  const [first] = thick.toSorted((a, b) => b.mm - a.mm);
  if (first === undefined) return [];
  return [
    {
      ...{ id: 'apart', kind: 'apart', place: say.partApart(first.name), thicknessMm: first.mm },
      ...{ body: roundBody('cylinder', first.mm), figures, isOnCore: false },
    },
  ];
}

/** The thickest of the small parts that cure in it, across its thinner way. */
function partCases(
  items: readonly BakeItem[],
  { fittings, figures }: HeatPlaces,
): readonly Draft[] {
  const clay = fittings.flatMap(({ id, name, made, kind, length, sizes }) => {
    const item = items.find((of) => of.kind === 'part' && of.of === id);
    if (made !== 'set' || item === undefined) return [];
    const isBall = kind.shape === 'ball';
    const [size] = sizes;
    const thin = isBall ? length.value : Math.min(size!.thickMm, size!.wideMm);
    return [{ name, thin, shape: isBall ? ('sphere' as const) : ('cylinder' as const), item }];
  });
  const [first] = clay.toSorted((a, b) => b.thin - a.thin);
  if (first === undefined) return [];
  const { name, thin: thicknessMm, shape, item } = first;
  return [
    {
      ...{ id: 'parts', kind: 'parts', place: say.partApart(name), thicknessMm },
      ...{ body: roundBody(shape, thicknessMm), figures: item.clay ?? figures, isOnCore: false },
    },
  ];
}

/** Clay right through, warmed all round. */
export const roundBody = (shape: 'cylinder' | 'sphere', thicknessMm: number): HeatBody => ({
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
  { region: { region, core, coreMm3, areaMm2 }, mm: thicknessMm }: Thick,
  packedGPerMl: number,
  figures: ClayFigures,
): readonly Draft[] {
  const slab = { shape: 'slab' as const, innerM: 0, thicknessM: thicknessMm / 1000 };
  const deepM = areaMm2 > 0 ? coreMm3 / areaMm2 / 1000 : 0;
  const common = { kind: 'shell', thicknessMm, figures } as const;
  return [
    {
      ...{ ...common, id: 'shell-insulating', isOnCore: false },
      place: say.shellOnCoreThat(region.name),
      body: { ...slab, coreJPerM2K: 0 },
    },
    ...(core === 'hollow'
      ? []
      : [
          {
            ...{ ...common, id: 'shell-holding', isOnCore: true },
            place: say.shellOnPackedFoil(region.name),
            body: { ...slab, coreJPerM2K: packedGPerMl * 1000 * FOIL_J_PER_KGK * deepM },
          },
        ]),
  ];
}
