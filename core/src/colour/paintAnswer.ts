import type { Triple } from '../geometry/matrix3.ts';
import { tubeFinder, type Aim } from './fewTubes.ts';
import { hexOfSpectrum, labOfSpectrum } from './labOf.ts';
import { zoneLook } from './paintLook.ts';
import {
  recipeKey,
  type MixedRecipe,
  type PaintAnswer,
  type PaintQuestion,
  type Rung,
  type Tube,
  type ZoneAsked,
  type ZoneLook,
} from './paintQuestion.ts';
import {
  insideMix,
  mixed,
  pigmentOf,
  seenOf,
  stirred,
  type Mix,
  type Pigment,
} from './pigments.ts';
import { recipesWithTouches, type Found, type Recipe } from './recipes.ts';
import { quickDifference } from './quickDifference.ts';
import { spectrumOfHex } from './spectra.ts';
import { PAINT_KINDS, type PaintKind } from '../piece/colourSchema.ts';
import { usualTubes } from './usualBox.ts';

/** A recipe has at most so many paints. */
const MAX_PAINTS = 4;
/** While tubes are chosen, mixes are tried in so many parts at most. */
const TRIED_PARTS = 6;
/** A tube more is told where the whole comes nearer by this. */
const WORTH = 0.4;

interface Wanted {
  readonly hex: string;
  readonly aim: Aim;
}

/** The colours of a kind with how much of the animal each is: one of each. */
function wantedOf(zones: readonly ZoneAsked[], kind: PaintKind): readonly Wanted[] {
  const weights = new Map<string, number>();
  for (const zone of zones.filter((of) => of.kind === kind)) {
    const hexes = zone.layers.length === 0 ? [zone.hex] : zone.layers.map(({ hex }) => hex);
    for (const hex of hexes) weights.set(hex, (weights.get(hex) ?? 0) + zone.areaCm2);
  }
  return [...weights].map(([hex, weight]) => ({
    hex,
    aim: { lab: labOfHex(hex), weight: Math.max(weight, 1e-6) },
  }));
}

/** While tubes are chosen, aims nearer to each other than this are one, ΔE00. */
const ALIKE = 1.5;

/** Aims with those that nobody tells apart gathered in the one that came first. */
function gathered(aims: readonly Aim[]): readonly Aim[] {
  const kept: { lab: Triple; weight: number }[] = [];
  for (const { lab, weight } of aims) {
    const like = kept.find((of) => quickDifference(...of.lab, ...lab) < ALIKE);
    if (like === undefined) kept.push({ lab, weight });
    else like.weight += weight;
  }
  return kept;
}

const labOfHex = (hex: string): Triple => labOfSpectrum(spectrumOfHex(hex));

/** Works out which tubes, in what parts, and how it looks. Pure; `told` hears how much is done. */
export function paintAnswer(
  { zones, tubes, few, fixed, maxParts }: PaintQuestion,
  told: (done: number) => void = () => undefined,
): PaintAnswer {
  const chosen: Record<PaintKind, readonly string[]> = { paint: [], pastel: [], clay: [] };
  const recipes: Record<string, PaintAnswer['recipes'][string]> = {};
  const mixes = new Map<string, Mix>();
  let oneMore: PaintAnswer['oneMore'] = null;
  PAINT_KINDS.forEach((kind, n) => {
    const wanted = wantedOf(zones, kind);
    if (wanted.length === 0) return;
    const owned = tubes.filter((tube) => tube.kind === kind);
    const shelf = owned.length > 0 ? owned : usualTubes(kind);
    const others = usualTubes(kind).filter(({ hex }) => shelf.every((tube) => tube.hex !== hex));
    const all = [...shelf, ...others];
    const pigments = all.map(pigmentOf);
    const aims = wanted.map(({ aim }) => aim);
    const kept = shelf.flatMap(({ id }, i) => (fixed.includes(id) ? [i] : []));
    const limits = { maxPaints: MAX_PAINTS, maxParts: TRIED_PARTS };
    const rough = gathered(aims);
    const shelfFinder = tubeFinder(pigments.slice(0, shelf.length), rough, limits);
    const set = shelfFinder.best(Math.max(few, kept.length), kept);
    chosen[kind] = set.map((i) => all[i]!.id);
    told((n + 0.5) / PAINT_KINDS.length);
    const use = set.map((i) => pigments[i]!);
    const found = recipesWithTouches(
      use,
      aims.map(({ lab }) => lab),
      { maxPaints: MAX_PAINTS, maxParts },
    );
    wanted.forEach(({ hex }, t) => {
      const key = recipeKey(kind, hex);
      recipes[key] = toldRecipes(found[t]!, use);
      mixes.set(key, mixed(use, found[t]!.best!.parts));
    });
    oneMore ??= more(all, set, tubeFinder(pigments, rough, limits));
  });
  told(0.9);
  return {
    ...{ few: chosen, recipes, oneMore },
    zones: zones.map((zone): ZoneLook => {
      const mixOf = (hex: string): Mix => mixes.get(recipeKey(zone.kind, hex))!;
      return { ...zoneLook(zone, mixOf), ladder: ladder(zone, mixOf) };
    }),
  };
}

/** From the darkest mix to the lightest in quarters. */
const RUNGS = 4;

/** Ready mixes between the darkest and the lightest of a zone's layers; none where it has not two. */
function ladder({ layers }: ZoneAsked, mixOf: (hex: string) => Mix): readonly Rung[] {
  const byLight = layers
    .map(({ hex }) => ({ hex, light: labOfHex(hex)[0] }))
    .toSorted((a, b) => a.light - b.light);
  const [dark, light] = [byLight[0], byLight.at(-1)];
  if (dark === undefined || light === undefined || dark.hex === light.hex) return [];
  const [one, other] = [mixOf(dark.hex), mixOf(light.hex)];
  return Array.from({ length: RUNGS + 1 }, (_, rung): Rung => ({
    ...{ shade: RUNGS - rung, light: rung },
    hex: hexOfSpectrum(seenOf(insideMix(stirred(one, other, rung / RUNGS)))),
  }));
}

/** Both recipes of a colour, with what they look like. */
function toldRecipes({ best, second }: Found, use: readonly Pigment[]) {
  const told = ({ parts, difference }: Recipe): MixedRecipe => ({
    parts: parts.flatMap((part, i) => (part > 0 ? [{ tubeId: use[i]!.id, parts: part }] : [])),
    hex: hexOfSpectrum(seenOf(insideMix(mixed(use, parts)))),
    difference,
  });
  return { best: told(best!), second: second && told(second) };
}

/** The tube that brings most beside a set, of those on the shelf and the usual pigments. */
function more(
  all: readonly Tube[],
  set: readonly number[],
  finder: ReturnType<typeof tubeFinder>,
): PaintAnswer['oneMore'] {
  const before = finder.off(set);
  const [best] = all
    .flatMap(({ id, name }, i) =>
      set.includes(i) ? [] : [{ id, name, nearer: before - finder.off([...set, i]) }],
    )
    .sort((a, b) => b.nearer - a.nearer);
  return best !== undefined && best.nearer >= WORTH ? best : null;
}
