import * as say from './words.ts';
import type { WireDecisions } from '../workshop/workpiece.ts';
import type { Snag } from '../piece/snag.ts';
import { asInput, input, type Working } from '../piece/working.ts';
import { metalById } from '../wire/metals.ts';
import { neededRodMm } from '../wire/rodSize.ts';
import { bucklingLoadN, yieldMomentNmm } from '../wire/sections.ts';
import type { HeldPlace } from './heldPlaces.ts';

/** A wire or rod where it leaves the base: whether it bends there, and whether a rod buckles. */
export interface Peg {
  readonly place: HeldPlace;
  readonly wireId: string;
  readonly stiff: boolean;
  /** Of the moment that bends it, percent. */
  readonly bending: Working;
  /** Of the force at which a rod buckles, percent; null for wires, which run on bent up the leg. */
  readonly buckling: Working | null;
  /** How the place shares in what is held. */
  readonly shares: readonly Working[];
}

/** Every peg, rod and iron with what it bears at the base, and what of them gives. */
export function planPegs(
  places: readonly HeldPlace[],
  own: WireDecisions['ownMetals'],
): {
  readonly pegs: readonly Peg[];
  readonly workings: readonly Working[];
  readonly snags: readonly Snag[];
} {
  const pegs = places.flatMap((place): Peg[] => {
    const { wire } = place;
    if (wire === null) return [];
    const stiff = wire.kind === 'rod' || wire.kind === 'iron';
    const shares = shareWorkings(place, places.length);
    return [
      {
        place,
        wireId: wire.id,
        stiff,
        bending: bendingWorking(place, own, shares),
        buckling: stiff ? bucklingWorking(place, own, shares[0]!) : null,
        shares,
      },
    ];
  });
  return {
    pegs,
    workings: pegs.flatMap(({ bending, buckling, shares }) => [
      ...shares,
      bending,
      ...(buckling === null ? [] : [buckling]),
    ]),
    snags: pegs.filter(({ stiff }) => stiff).flatMap((peg) => rodSnags(peg, own)),
  };
}

const targetOf = ({ wire }: HeldPlace) => ({ kind: 'wire', id: wire!.id }) as const;
const common = { stage: 'wire', provenance: 'derived' } as const;

/** What the place bears of the weight, N, and of the moment that then remains, N·mm. */
function shareWorkings(place: HeldPlace, of: number): readonly Working[] {
  const { id, name, forceShare, momentShare, stiffness } = place;
  return [
    {
      ...common,
      id: `strength.held.${id}.force`,
      label: say.bears(capital(name)),
      value: place.upN,
      unit: 'N',
      digits: 2,
      formula: 'F = φ · W',
      inputs: [
        input('φ', say.shareOfWeight, forceShare, 'ratio', 'derived'),
        input('W', say.weightOfAllThat, place.weightN, 'N', 'derived'),
      ],
      source:
        of === 2
          ? say.leverAlongLineBetween
          : of === 1
            ? say.onePlaceThatHolds
            : say.leastSolutionOfForces,
      target: targetOf(place),
    },
    {
      ...common,
      id: `strength.held.${id}.moment`,
      label: say.holdsAgainstTurning(capital(name)),
      value: place.baseNmm,
      unit: 'Nmm',
      formula: 'M = μ · M_rest',
      inputs: [
        input('μ', say.shareOfMomentThat, momentShare, 'ratio', 'derived'),
        input('M_rest', say.momentThatForcesLeave, place.restNmm, say.nmm, 'derived'),
        ...(stiffness === null
          ? []
          : [input('k', say.stiffnessOfThisLeg, stiffness, 'Nmm' as const, 'derived')]),
      ],
      source: say.equilibriumMomentThatRemains,
      target: targetOf(place),
    },
  ];
}

function bendingWorking(
  place: HeldPlace,
  own: WireDecisions['ownMetals'],
  shares: readonly Working[],
): Working {
  const wire = place.wire!;
  const metal = metalById(wire.metal, own);
  const yieldNmm = yieldMomentNmm(wire.diameterMm, metal.yieldMPa[2]);
  return {
    ...common,
    id: `strength.held.${place.id}.bending`,
    label: say.atBase(wire.id, wire.name),
    value: (100 * place.baseNmm) / yieldNmm,
    unit: 'percent',
    formula: 'share = M / (Y · π · d³ / 32)',
    inputs: [
      asInput('M', shares[1]!),
      input('d', say.itsThickness, wire.diameterMm, 'mm', 'own'),
      input('Y', say.yieldOf(metal.name), metal.yieldMPa[2], say.mpa, 'memory'),
    ],
    source: say.staticsAndStrengthOf,
    target: targetOf(place),
  };
}

function bucklingWorking(
  place: HeldPlace,
  own: WireDecisions['ownMetals'],
  force: Working,
): Working {
  const wire = place.wire!;
  const metal = metalById(wire.metal, own);
  const limitN = bucklingLoadN(wire.diameterMm, metal.eMPa[2], place.freeMm);
  return {
    ...common,
    id: `strength.held.${place.id}.buckling`,
    label: say.ofWhatBucklesIt(wire.id, wire.name),
    value: (100 * place.upN) / limitN,
    unit: 'percent',
    formula: 'share = F / (π² · E · (π · d⁴ / 64) / (2 · L)²)',
    inputs: [
      asInput('F', force),
      input('E', say.elasticityOf(metal.name), metal.eMPa[2], say.mpa, 'memory'),
      input('d', say.itsThickness, wire.diameterMm, 'mm', 'own'),
      input('L', say.freeAboveBase, place.freeMm, 'mm', 'derived'),
    ],
    source: say.lEulerFixedIn,
    target: targetOf(place),
  };
}

/** A rod beyond what bends it, or beyond what buckles it, with the thinnest that holds. */
function rodSnags(
  { place, bending, buckling }: Peg,
  own: WireDecisions['ownMetals'],
): readonly Snag[] {
  const wire = place.wire!;
  const metal = metalById(wire.metal, own);
  const { upN, baseNmm, freeMm } = place;
  const leastMm = neededRodMm({ forceN: upN, momentNmm: baseNmm, freeMm }, metal);
  const snag = (how: 'bends' | 'buckles', percent: number): Snag => ({
    code: 'rod-too-weak',
    grade: 'fix',
    stage: 'wire',
    target: targetOf(place),
    facts: { rod: `${wire.id} ${wire.name}`, how, percent, leastMm },
  });
  if (bending.value > 100) return [snag('bends', bending.value)];
  return buckling !== null && buckling.value > 100 ? [snag('buckles', buckling.value)] : [];
}

const capital = (name: string): string => name.charAt(0).toUpperCase() + name.slice(1);
