import { greatestDivisor } from '../geometry/greatestDivisor.ts';
import { BANDS, TO_LINEAR } from './observer.ts';
import { PAINT_SURFACE, type SurfaceLoss } from './kubelkaMunk.ts';
import type { Pigment } from './pigments.ts';
import { quickDifference } from './quickDifference.ts';
import type { Triple } from '../geometry/matrix3.ts';

/** A recipe: whole parts of paints in the order given, in lowest terms, and how far off it is by CIEDE2000. */
export interface Recipe {
  readonly parts: readonly number[];
  readonly difference: number;
}

/** The best recipe of a target, and the best of the others; none where there are no paints. */
export interface Found {
  readonly best: Recipe | null;
  readonly second: Recipe | null;
}

/** Recipes nearer to each other than this tie: fewer paints, fewer parts, then the paints that come first. */
export const TIE = 1e-9;

const shared = new Map<string, readonly (readonly number[])[]>();

/** All whole parts of exactly so many paints in lowest terms, at most `most` in all. */
export function portions(paints: number, most: number): readonly (readonly number[])[] {
  const key = `${paints} ${most}`;
  const before = shared.get(key);
  if (before !== undefined) return before;
  const found: number[][] = [];
  const go = (parts: readonly number[], left: number): void => {
    const more = paints - parts.length;
    if (more === 0) {
      if (parts.reduce(greatestDivisor, 0) === 1) found.push([...parts]);
      return;
    }
    for (let part = 1; part <= left - (more - 1); part++) go([...parts, part], left - part);
  };
  go([], most);
  shared.set(key, found);
  return found;
}

/** A touch of a strong paint stands against so many parts of another: common practice, a little black greys much white. */
const TOUCH_IN = [12, 16, 24, 32, 48] as const;

/** Portions beyond `most` parts in which one paint takes nearly all, and each of the others one part. */
export function touches(paints: number, most: number): readonly (readonly number[])[] {
  if (paints < 2) return [];
  return TOUCH_IN.filter((much) => much + paints - 1 > most).flatMap((much) =>
    Array.from({ length: paints }, (_, i) =>
      Array.from({ length: paints }, (__, j) => (i === j ? much : 1)),
    ),
  );
}

/** All choices of so many of the first n whole numbers, in order. */
export function* choices(n: number, many: number): Generator<readonly number[]> {
  const go = function* (from: number, chosen: readonly number[]): Generator<readonly number[]> {
    if (chosen.length === many) {
      yield chosen;
      return;
    }
    for (let i = from; i <= n - (many - chosen.length); i++) yield* go(i + 1, [...chosen, i]);
  };
  yield* go(0, []);
}

/** Whether a recipe goes before another: nearer, else simpler, else of the paints that come first. */
export function goesBefore(one: Recipe, other: Recipe, tie = TIE): boolean {
  if (Math.abs(one.difference - other.difference) > tie) return one.difference < other.difference;
  const [a, b] = [one, other].map(({ parts }) => ({
    used: parts.flatMap((part, i) => (part > 0 ? [i] : [])),
    all: parts.reduce((sum, part) => sum + part, 0),
  })) as [{ used: number[]; all: number }, { used: number[]; all: number }];
  if (a.used.length !== b.used.length) return a.used.length < b.used.length;
  if (a.all !== b.all) return a.all < b.all;
  const at = a.used.findIndex((paint, i) => paint !== b.used[i]);
  if (at >= 0) return a.used[at]! < b.used[at]!;
  const part = one.parts.findIndex((p, i) => p !== other.parts[i]);
  return part >= 0 && one.parts[part]! > other.parts[part]!;
}

/** Keeps the best two that it is shown. */
export function bestTwo(tie = TIE) {
  let found: Found = { best: null, second: null };
  return {
    show: (recipe: Recipe): void => {
      const { best, second } = found;
      if (best === null || goesBefore(recipe, best, tie)) found = { best: recipe, second: best };
      else if (second === null || goesBefore(recipe, second, tie)) found = { best, second: recipe };
    },
    /** Recipes at least this far off need not be shown. */
    limit: (): number => (found.second?.difference ?? Infinity) + tie,
    found: (): Found => found,
  };
}

/** White of D65 (0.3127, 0.3290), and linear sRGB to XYZ against it: rows of the matrix of the primaries. */
const X = [0.433887345566, 0.376224009137, 0.189888645296] as const;
const Y = [0.212639005872, 0.715168678768, 0.072192315361] as const;
const Z = [0.017750040071, 0.109447620855, 0.872802339074] as const;

/** The cube root of CIELAB with its straight foot (CIE 15). */
const foot = (t: number): number =>
  t > 216 / 24389 ? Math.cbrt(t) : ((24389 / 27) * t + 16) / 116;

/** Colours of mixes of some paints, as they are seen. */
export interface MixColours {
  /** CIELAB of the paints of these places in these parts, into `out`. */
  readonly lab: (places: readonly number[], parts: readonly number[], out: Float64Array) => void;
}

/** Mixes the colours of paints; through their surface where one is told. */
export function mixColours(
  pigments: readonly Pigment[],
  surface: SurfaceLoss | null = PAINT_SURFACE,
): MixColours {
  const [red, green, blue] = TO_LINEAR;
  const outside = surface === null ? 1 : (1 - surface.outer) * (1 - surface.inner);
  const inner = surface?.inner ?? 0;
  return {
    lab: (places, parts, out) => {
      let [r, g, b] = [0, 0, 0];
      for (let i = 0; i < BANDS; i++) {
        let k = 0;
        let s = 0;
        for (let n = 0; n < places.length; n++) {
          const { absorbs, scatters } = pigments[places[n]!]!;
          k += parts[n]! * absorbs[i]!;
          s += parts[n]! * scatters[i]!;
        }
        const q = k / s;
        const inside = 1 / (1 + q + Math.sqrt(q * (q + 2)));
        const seen = (outside * inside) / (1 - inner * inside);
        r += red[i]! * seen;
        g += green[i]! * seen;
        b += blue[i]! * seen;
      }
      const x = foot(X[0] * r + X[1] * g + X[2] * b);
      const y = foot(Y[0] * r + Y[1] * g + Y[2] * b);
      const z = foot(Z[0] * r + Z[1] * g + Z[2] * b);
      out[0] = 116 * y - 16;
      out[1] = 500 * (x - y);
      out[2] = 200 * (y - z);
    },
  };
}

/** What is looked for: how many different paints, and parts in all. */
export interface RecipeLimits {
  readonly maxPaints: number;
  readonly maxParts: number;
}

/** A touch beyond the limit is told where it comes nearer by this, CIEDE2000: what anybody sees. */
const WORTH_A_TOUCH = 3;

/** The best two recipes of each target, of all that there are: every choice of paints in every portion. */
export const allRecipes = (
  pigments: readonly Pigment[],
  targets: readonly Triple[],
  { maxPaints, maxParts }: RecipeLimits,
  surface: SurfaceLoss | null = PAINT_SURFACE,
): readonly Found[] =>
  bestOf(pigments, targets, maxPaints, (paints) => portions(paints, maxParts), surface);

/** The same; and a touch of one paint in more of another than the limit allows goes first where that is much nearer. */
export function recipesWithTouches(
  pigments: readonly Pigment[],
  targets: readonly Triple[],
  limits: RecipeLimits,
): readonly Found[] {
  const { maxPaints, maxParts } = limits;
  const touched = bestOf(
    pigments,
    targets,
    maxPaints,
    (paints) => touches(paints, maxParts),
    PAINT_SURFACE,
  );
  return allRecipes(pigments, targets, limits).map((within, t): Found => {
    const touch = touched[t]!.best;
    const nearer = (within.best?.difference ?? Infinity) - (touch?.difference ?? Infinity);
    return nearer >= WORTH_A_TOUCH ? { best: touch, second: within.best } : within;
  });
}

function bestOf(
  pigments: readonly Pigment[],
  targets: readonly Triple[],
  maxPaints: number,
  portionsOf: (paints: number) => readonly (readonly number[])[],
  surface: SurfaceLoss | null,
): readonly Found[] {
  const colours = mixColours(pigments, surface);
  const keepers = targets.map(() => bestTwo());
  const lab = new Float64Array(3);
  for (let many = 1; many <= Math.min(maxPaints, pigments.length); many++)
    for (const places of choices(pigments.length, many))
      for (const portion of portionsOf(many)) {
        colours.lab(places, portion, lab);
        targets.forEach(([l, a, b], t) => {
          const difference = quickDifference(lab[0]!, lab[1]!, lab[2]!, l, a, b);
          if (difference <= keepers[t]!.limit())
            keepers[t]!.show({ parts: spread(pigments.length, places, portion), difference });
        });
      }
  return keepers.map((keeper) => keeper.found());
}

/** Parts of all paints, of those of some places. */
function spread(
  many: number,
  places: readonly number[],
  portion: readonly number[],
): readonly number[] {
  const parts = new Array<number>(many).fill(0);
  places.forEach((place, i) => (parts[place] = portion[i]!));
  return parts;
}
