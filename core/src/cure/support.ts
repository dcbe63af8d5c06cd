import * as say from './words.ts';
import { SHELL, SURFACE } from '../bakes/bakeItems.ts';
import type { PlannedBake } from '../bakes/planOrder.ts';
import type { Fitting } from '../fittings/fittingsPlan.ts';
import type { FinePart } from '../wire/fineDrafts.ts';
import type { Piece } from '../piece/pieceSchema.ts';

/** What tells how a bake is laid out. */
export interface SupportFacts {
  readonly fittings: readonly Fitting[];
  readonly fine: readonly FinePart[];
  readonly hold: Piece['stance']['hold'];
  readonly onBoard: boolean;
  /** Wings, fins and membranes: thin and wide. */
  readonly blades: readonly string[];
}

/** Clay without a wire droops from so many times its thickness, and where it is so long, mm: common practice. */
const DROOPS = 2.5;
const LEAST_DROOPING_MM = 12;

/** How to lie, hang and prop what is in a bake, a sentence each: common practice. */
export function supports(bake: PlannedBake, facts: SupportFacts): readonly string[] {
  if (!bake.inOven) return [say.setOnPaper, ...settingRules(bake)];
  const has = (id: string): boolean => bake.items.some((item) => item.id === id);
  return [
    ...(has(SHELL) || has(SURFACE) ? bodySupports(facts) : []),
    ...(bake.items.some(({ kind }) => kind === 'body-part') ? [say.onRodThroughBore] : []),
    ...partSupports(bake, facts.fittings),
  ];
}

/** What drying clay and putty ask for: layers over a stiff core, and no more mixed than is used. */
function settingRules({ items }: PlannedBake): readonly string[] {
  const clays = items.flatMap(({ clay }) => clay ?? []);
  const air = clays.find(({ clay }) => clay.setting === 'air');
  const isMixed = clays.some(({ clay }) => clay.setting === 'chemical');
  return [
    ...(air === undefined ? [] : [say.inLayers(air.perMm.value.toFixed(0))]),
    ...(isMixed ? [say.withinPotLife] : []),
  ];
}

const HELD = {
  base: say.pegsInFoil,
  free: say.standsOnCard,
  hanging: say.hangByHook,
  wall: say.lieOnBack,
} as const;

/** The body on its board, its pegs or its back, and what of it has no wire to hold it up. */
function bodySupports({ fittings, fine, hold, onBoard, blades }: SupportFacts): readonly string[] {
  const drooping = [
    ...fittings
      .filter(
        ({ made, wired, slender, length }) =>
          made === 'grown' &&
          !wired &&
          (slender?.value ?? 0) >= DROOPS &&
          length.value >= LEAST_DROOPING_MM,
      )
      .map(({ name }) => name.toLowerCase()),
    ...fine
      .filter(
        ({ choice, length, depthMm }) =>
          choice === null &&
          length.value >= LEAST_DROOPING_MM &&
          length.value >= DROOPS * 2 * Math.max(0, depthMm),
      )
      .map(({ plainName }) => plainName.toLowerCase()),
    ...blades.map((name) => name.toLowerCase()),
  ];
  const names = [...new Set(drooping)];
  return [onBoard ? say.onItsBoard : HELD[hold], ...(names.length === 0 ? [] : [say.prop(names)])];
}

/** Small parts by what they are: balls, parts on wires, long ones without, and the others. */
function partSupports(bake: PlannedBake, fittings: readonly Fitting[]): readonly string[] {
  const own = fittings.filter(({ id }) =>
    bake.items.some(({ kind, of }) => kind === 'part' && of === id),
  );
  const names = (of: readonly Fitting[]): readonly string[] =>
    of.map(({ name }) => name.toLowerCase());
  const balls = own.filter(({ kind }) => kind.shape === 'ball');
  const wired = own.filter(({ kind, wired: on }) => kind.shape !== 'ball' && on);
  const free = own.filter(({ kind, wired: on }) => kind.shape !== 'ball' && !on);
  const isLong = ({ slender, sizes }: Fitting): boolean =>
    (slender?.value ?? 0) >= DROOPS || (sizes[0]?.turnDeg ?? 0) > 45;
  const long = free.filter(isLong);
  const short = free.filter((fitting) => !isLong(fitting));
  return [
    ...(balls.length === 0 ? [] : [say.ballsInHollows(names(balls))]),
    ...(wired.length === 0 ? [] : [say.stuckByWire(names(wired))]),
    ...(long.length === 0 ? [] : [say.inFoldedCard(names(long))]),
    ...(short.length === 0 ? [] : [say.flatOnCard(names(short))]),
  ];
}
