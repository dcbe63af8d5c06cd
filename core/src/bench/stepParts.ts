import * as say from './words.ts';
import type { FittingsPlan } from '../fittings/fittingsPlan.ts';
import type { MassPlan } from '../mass/planMass.ts';
import type { Step } from '../piece/step.ts';
import type { SkinPlan } from '../skin/planSkin.ts';
import type { ColourPlan } from '../colour/planColour.ts';
import type { WirePlan } from '../wire/wirePlan.ts';

/** One of several things of a step, which is ticked by itself: the left leg of both, the third hole. */
export interface StepPart {
  readonly id: string;
  readonly name: string;
}

/** What the parts are told from. */
export interface PartFacts {
  readonly wire: WirePlan;
  readonly mass: MassPlan;
  readonly fittings: FittingsPlan;
  readonly skin: SkinPlan;
  readonly colour: ColourPlan;
}

/** More than these are not ticked one by one. */
const MOST_PARTS = 24;

type Rule = (facts: PartFacts, rest: string) => readonly StepPart[];

const named = (parts: readonly (readonly [id: string, name: string])[]): readonly StepPart[] =>
  parts.map(([id, name]) => ({ id, name }));
const numbered = (many: number, name: (n: number) => string): readonly StepPart[] =>
  Array.from({ length: many }, (_, i) => ({ id: String(i + 1), name: name(i + 1) }));
const SIDES = named([
  ['left', say.leftSide],
  ['right', say.rightSide],
]);

const regionsWith =
  (hasCore: boolean): Rule =>
  ({ mass }) =>
    named(
      mass.regions
        .filter(({ coreVolume }) => coreVolume.value > 0 === hasCore)
        .map(({ region }) => [region.id, region.name]),
    );

const BY_HEAD: readonly (readonly [head: string, rule: Rule])[] = [
  [
    'wire.thin.cut',
    ({ wire }) =>
      named(
        wire.wires
          .filter(({ kind }) => kind === 'fine')
          .map(({ id, name }) => [id, say.wirePart(id, name)]),
      ),
  ],
  [
    'wire.bind',
    ({ wire }) =>
      named(wire.bindings.bindings.map(({ place }, i) => [String(i + 1), place] as const)),
  ],
  [
    'wire.drill',
    ({ wire }) =>
      numbered(wire.base.holes.filter(({ into }) => into === 'board').length, say.holePart),
  ],
  ['mass.core', regionsWith(true)],
  ['mass.shell', regionsWith(true)],
  ['mass.solid', regionsWith(false)],
  [
    'parts.make.',
    ({ fittings }, id) =>
      numbered(fittings.fittings.find((of) => of.id === id)?.toMake.value ?? 0, say.numberPart),
  ],
  [
    'parts.set.',
    ({ fittings }, id) =>
      numbered(fittings.fittings.find((of) => of.id === id)?.count ?? 0, say.numberPart),
  ],
  ['skin.', ({ skin }, id) => (skin.zones.some(({ zone }) => zone.id === id) ? SIDES : [])],
  [
    'colour.',
    ({ colour }, id) =>
      named(
        colour.zones
          .filter(({ layers }) => layers.some(({ rule }) => rule.id === id))
          .map(({ zone }) => [zone.id, zone.name]),
      ),
  ],
];

/** The parts of a step that are ticked by themselves; none where it is one thing, or a whole crowd. */
export function partsOf({ id }: Pick<Step, 'id'>, facts: PartFacts): readonly StepPart[] {
  const rule = BY_HEAD.find(([head]) => (head.endsWith('.') ? id.startsWith(head) : id === head));
  const parts = rule?.[1](facts, id.slice(rule[0].length)) ?? [];
  return parts.length < 2 || parts.length > MOST_PARTS ? [] : parts;
}
