import * as say from './words.ts';
import type { Fitting } from '../fittings/fittingsPlan.ts';
import { asInput, input, type Working } from '../piece/working.ts';
import { FINE_SIZES_MM } from '../wire/fineDrafts.ts';
import { drillFor, HOLE_CLEARANCE_MM } from '../wire/hardware.ts';
import { shaftKey, type Shaft } from '../wire/shafts.ts';
import type { Join } from './curePlan.ts';

const common = { stage: 'cure', provenance: 'derived', unit: 'mm', digits: 1 } as const;

/** A pin is at most this share of the part's thickness, or it splits it; a part thinner than so many mm takes none: common practice. */
const PIN_SHARE = 0.34;
const LEAST_PINNED_MM = 2.5;
/** A part broader than high by so much, or turned by so many degrees, turns on a round pin: common practice. */
const FLAT = 1.25;
const TURNED_DEG = 20;
/** A fillet round the root is this share of its thickness, and no finer than can be drawn, mm: common practice. */
const FILLET_SHARE = 0.15;
const LEAST_FILLET_MM = 0.3;

/** How each part that is set in is joined: when, with what, on which pin in which hole, kept from turning, with what fillet. */
export const planJoins = (
  fittings: readonly Fitting[],
  shafts: readonly Shaft[],
): readonly Join[] =>
  fittings
    .filter(({ made }) => made === 'set')
    .map((fitting): Join => {
      const { id, name, material, seat, sizes, thick, kind } = fitting;
      const shaft = shafts.find(({ key, cut }) => key === shaftKey(id) && cut !== null);
      const isBall = kind.shape === 'ball';
      const pin = isBall ? null : pinOf(fitting, shaft);
      const longest = sizes[0]!;
      const isFlat =
        Math.max(longest.thickMm, longest.wideMm) >
        FLAT * Math.min(longest.thickMm, longest.wideMm);
      return {
        ...{ fittingId: id, name, how: material.join, seat, pin },
        when: material.standsOven ? 'before' : 'after',
        drill: pin === null ? null : drillOf(fitting, pin),
        keyed: pin !== null && (isFlat || longest.turnDeg > TURNED_DEG),
        fillet: thick === null || material.id === 'fibre' ? null : filletOf(fitting, thick),
      };
    });

/** The pin of a part: the end of its own wire, a piece of wire, or none in a part too thin for one; wire and bristle are their own. */
function pinOf(
  { id, name, thick, material, sizes }: Fitting,
  shaft: Shaft | undefined,
): Working | null {
  const label = say.pinOf(name);
  if (shaft !== undefined)
    return {
      ...common,
      ...{ id: `cure.join.${id}.pin`, label, value: shaft.diameterMm, formula: 'd' },
      inputs: [input('d', say.itsWire, shaft.diameterMm, 'mm', 'derived')],
      source: say.endOfItsWire,
    };
  const thin = Math.min(sizes[0]!.thickMm, sizes[0]!.wideMm);
  const isPinned = material.isClay || ['putty', 'resin', 'wood'].includes(material.id);
  if (thick === null || !isPinned) return null;
  if (thin < LEAST_PINNED_MM) return null;
  const value = FINE_SIZES_MM.find((d) => d <= PIN_SHARE * thin);
  if (value === undefined) return null;
  return {
    ...common,
    ...{ id: `cure.join.${id}.pin`, label, value },
    reading: {
      method: say.thickestThatFits,
      resolution: say.sizesOfThinWire,
      checkedBy: 'core/src/cure/joins.test.ts',
    },
    inputs: [
      input('t', say.thinnestAcross, thin, 'mm', 'derived'),
      input('s', say.shareForPin, PIN_SHARE, 'ratio', 'memory'),
    ],
    source: say.pinCommonPractice,
  };
}

const drillOf = ({ id, name }: Fitting, pin: Working): Working => ({
  ...common,
  ...{ id: `cure.join.${id}.drill`, label: say.drillFor(name), value: drillFor(pin.value) },
  reading: {
    method: say.firstDrill,
    resolution: say.drillsAsSold,
    checkedBy: 'core/src/cure/joins.test.ts',
  },
  inputs: [asInput('d', pin), input('c', say.clearance, HOLE_CLEARANCE_MM, 'mm', 'memory')],
  source: say.drillCommonPractice,
});

const filletOf = ({ id, name }: Fitting, thick: Working): Working => ({
  ...common,
  ...{ id: `cure.join.${id}.fillet`, label: say.filletOf(name) },
  value: Math.max(LEAST_FILLET_MM, FILLET_SHARE * thick.value),
  formula: 'r = max(a, s · d)',
  inputs: [
    input('a', say.leastFillet, LEAST_FILLET_MM, 'mm', 'memory'),
    input('s', say.shareOfThickness, FILLET_SHARE, 'ratio', 'memory'),
    asInput('d', thick),
  ],
  source: say.filletCommonPractice,
});
