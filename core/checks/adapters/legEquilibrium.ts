import { supportLoads, type PlacedMass, type Support } from '../../src/body/supports.ts';
import type { Vec3 } from '../../src/geometry/vec3.ts';
import { length } from '../../src/geometry/vec3.ts';
import { jointLoads, type JointLoad } from '../../src/strength/jointLoads.ts';
import { num, type Adapter } from '../checkFile.ts';

interface Part {
  readonly massG: number;
  readonly comMm: readonly number[];
}
interface Leg {
  readonly pegMm: readonly number[];
  readonly ankleMm: readonly number[];
  readonly kneeMm: readonly number[];
  readonly hipMm: readonly number[];
  readonly foot: Part;
  readonly shank: Part;
  readonly thigh: Part;
}

const at = ([x = 0, y = 0, z = 0]: readonly number[]): Vec3 => [x, y, z];
/** Each part of a leg with the joint that it hangs on, from the trunk down. */
const PARTS = [
  ['thigh', 'hip'],
  ['shank', 'knee'],
  ['foot', 'ankle'],
] as const;

/** Forces and moments at the joints of one leg, or of two with given shares. */
export const legEquilibrium: Adapter = (entry) => {
  const trunk = entry.input['trunk'] as Part | undefined;
  const single = entry.input['leg'] as Leg | undefined;
  const [left, right] = [entry.input['leftLeg'], entry.input['rightLeg']] as (Leg | undefined)[];
  if (trunk === undefined) return {};
  if (single !== undefined) return solved(trunk, { leg: [single, 1, 1] })['leg'] ?? {};
  const [force, moment] = [num(entry, 'forceShareLeft'), num(entry, 'momentShareLeft')];
  if (!left || !right || force === undefined || moment === undefined) return {};
  return solved(trunk, { left: [left, force, moment], right: [right, 1 - force, 1 - moment] });
};

type Shared = readonly [leg: Leg, forceShare: number, momentShare: number];

function solved(
  trunk: Part,
  legs: Readonly<Record<string, Shared>>,
): Readonly<Record<string, Readonly<Record<string, unknown>>>> {
  const bones: { start: Vec3; bone: { id: string; parent: string | null } }[] = [
    { start: [0, 0, 0], bone: { id: 'trunk', parent: null } },
  ];
  const masses: PlacedMass[] = [{ boneId: 'trunk', at: at(trunk.comMm), grams: trunk.massG }];
  const supports: Support[] = [];
  for (const [side, [leg, forceShare, momentShare]] of Object.entries(legs)) {
    let parent = 'trunk';
    for (const [part, joint] of PARTS) {
      const id = `${side} ${part}`;
      bones.push({ start: at(leg[`${joint}Mm`]), bone: { id, parent } });
      masses.push({ boneId: id, at: at(leg[part].comMm), grams: leg[part].massG });
      parent = id;
    }
    supports.push({ boneId: `${side} foot`, at: at(leg.pegMm), forceShare, momentShare });
  }
  const pegs = supportLoads(masses, supports);
  const loads = jointLoads({ bones }, masses, pegs);
  return Object.fromEntries(
    Object.entries(legs).map(([side, [leg]], i) => {
      const inPlane = leg.pegMm.length === 2;
      const told = (moment: Vec3): number | Vec3 => (inPlane ? moment[2] : moment);
      const of = (part: string): JointLoad => loads.get(`${side} ${part}`)!;
      const peg = pegs[i]!;
      const moments = { peg: peg.momentNmm, ...joints((part) => of(part).momentNmm) };
      return [
        side,
        {
          forcesN: { peg: peg.upN, ...joints((part) => of(part).upN) },
          momentsNmm: mapped(moments, told),
          momentMagnitudesNmm: mapped(moments, length),
        },
      ];
    }),
  );
}

const joints = <T>(of: (part: string) => T): Record<string, T> =>
  Object.fromEntries(PARTS.map(([part, joint]) => [joint, of(part)]));

const mapped = <T, U>(record: Record<string, T>, of: (value: T) => U): Record<string, U> =>
  Object.fromEntries(Object.entries(record).map(([key, value]) => [key, of(value)]));
