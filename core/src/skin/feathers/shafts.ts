import * as say from './words.ts';
import { asInput, input, type Working } from '../../piece/working.ts';
import type { Feather, FeatherRowPlan } from './featherRow.ts';

/** Feathers shorter than this stand by themselves, mm: common practice. */
const CARRIED_FROM_MM = 25;
/** A wire ends before the tip, so that it never shows, at this share of the length: common practice. */
export const WIRE_REACH = 0.8;
/** Wires for shafts, mm, each up to a length of feather: common practice. */
const THICK: readonly (readonly [upTo: number, mm: number])[] = [
  [45, 0.4],
  [80, 0.6],
  [140, 0.8],
  [Infinity, 1],
];

/** The wire in a feather, and how long it is cut. */
export interface Shaft {
  readonly feather: string;
  readonly thickMm: number;
  readonly cut: Working;
  /** Left and right of it, where both are made. */
  readonly many: number;
}

const thickOf = (longMm: number): number => THICK.find(([upTo]) => longMm <= upTo)![1];

/** What of a shaft lies in the clay where the wing has no wire, mm: common practice. */
const IN_CLAY_MM = 12;

/** Wires of the feathers that a row has cut or made as leaves: the long ones. `wingMm` is the wire that they are wound round; null for none. */
export const shaftsOf = (
  { way, feathers }: FeatherRowPlan,
  wingMm: number | null,
  turns: number,
): readonly Shaft[] =>
  way === 'pressed'
    ? []
    : feathers
        .filter(({ long }) => long.value >= CARRIED_FROM_MM)
        .map((feather): Shaft => {
          const thickMm = thickOf(feather.long.value);
          return {
            ...{ feather: feather.id, thickMm, cut: cutWorking(feather, thickMm, wingMm, turns) },
            many: feather.grown.filter((grown) => grown > 0).length,
          };
        })
        .filter(({ many }) => many > 0);

function cutWorking(
  { id, long }: Feather,
  thickMm: number,
  wingMm: number | null,
  turns: number,
): Working {
  const held = wingMm === null ? IN_CLAY_MM : turns * Math.PI * (wingMm + thickMm);
  return {
    ...{ id: `skin.feather.${id}.shaft`, stage: 'skin', label: say.featherShaft(id), unit: 'mm' },
    ...{ value: held + WIRE_REACH * long.value, digits: 1, provenance: 'derived' },
    formula: wingMm === null ? 'c = e + r · l' : 'c = n · π · (D + d) + r · l',
    inputs: [
      ...(wingMm === null
        ? [input('e', say.inTheClay, IN_CLAY_MM, 'mm', 'memory')]
        : [
            input('n', say.turnsRoundWing, turns, 'count', 'own'),
            input('D', say.wingWireThick, wingMm, 'mm', 'derived'),
            input('d', say.shaftWireThick, thickMm, 'mm', 'memory'),
          ]),
      input('r', say.wireReaches, WIRE_REACH, 'ratio', 'memory'),
      asInput('l', long),
    ],
    source: wingMm === null ? say.rootInClay : say.routeOfShaft,
  };
}

/** All of that wire; null where no feather is carried by one. */
export const shaftTotal = (shafts: readonly Shaft[]): Working | null =>
  shafts.length === 0
    ? null
    : {
        ...{ id: 'skin.feathers.shafts', stage: 'skin', label: say.shaftsInAll, unit: 'm' },
        value: shafts.reduce((sum, { cut, many }) => sum + cut.value * many, 0) / 1000,
        ...{ digits: 2, provenance: 'derived', formula: 'Σ cᵢ' },
        inputs: shafts.flatMap(({ cut, many }) =>
          Array.from({ length: many }, () => asInput('cᵢ', cut)),
        ),
        source: say.bothOfEach,
      };
