import { stanceMassCentre } from '../body/massCentre.ts';
import type { BodyGrid } from '../body/bodyGrid.ts';
import type { Point2 } from '../geometry/hull.ts';
import type { Vec3 } from '../geometry/vec3.ts';
import type { MeasurePlan } from '../measure/planMeasure.ts';
import { lastCall } from '../piece/lastCall.ts';
import type { Snag } from '../piece/snag.ts';
import { asInput, input, type Working } from '../piece/working.ts';
import { footing, type Footing } from './footing.ts';
import type { StancePlan } from './planStance.ts';

/** An unpegged tilt below this is worth a word: a nudge of the table does it. Common practice. */
const WATCH_TIP_DEG = 5;

/** Whether the stance stands by itself. Null parts while the body is still being worked out. */
export interface BalancePlan {
  readonly massCentre: Vec3;
  readonly footing: Footing;
  readonly workings: readonly Working[];
  readonly snags: readonly Snag[];
}

/** Balance of the stance from the body's cells on their bones, one density throughout. */
export const planBalance = lastCall(
  (measure: MeasurePlan, stance: StancePlan, body: BodyGrid | null): BalancePlan | null => {
    const massCentre = body === null ? undefined : stanceMassCentre(stance.posed, body);
    if (body === null || massCentre === undefined) return null;
    const standing = stance.feet.filter((foot) => foot.down && foot.touches);
    const contacts = standing.map((foot): Point2 => [foot.ball[0], foot.ball[2]]);
    const stands = footing(contacts, [massCentre[0], massCentre[2]], massCentre[1]);
    const workings = balanceWorkings(measure, body, massCentre, stands, contacts.length);
    return {
      massCentre,
      footing: stands,
      workings,
      snags: judged(standing) ? balanceSnags(stands, massCentre, contacts) : [],
    };
  },
);

/** A body on rods is carried by its base, one on its belly cannot tip, one without contacts hangs. */
const judged = (standing: StancePlan['feet']): boolean =>
  standing.length > 0 && standing.every((foot) => foot.contact.kind === 'foot');

function balanceWorkings(
  measure: MeasurePlan,
  body: BodyGrid,
  massCentre: Vec3,
  stands: Footing,
  feet: number,
): readonly Working[] {
  const target = { kind: 'mass-centre', id: 'mass-centre' } as const;
  const common = { stage: 'stance', provenance: 'derived', inputs: [] } as const;
  const height: Working = {
    ...common,
    id: 'balance.height',
    label: 'Centre of mass above the base',
    value: massCentre[1],
    unit: 'mm',
    formula: 'r = Σ mᵢ rᵢ / Σ mᵢ',
    source: 'statics; each cell of the body belongs to its nearest bone',
    target,
  };
  const margin: Working = {
    ...common,
    id: 'balance.margin',
    label: 'Inside the feet by',
    value: stands.marginMm,
    unit: 'mm',
    formula: 'least distance to an edge of the outline of the feet; minus is outside',
    inputs: [input('N', 'Feet that touch', feet, 'count', 'derived')],
    source: 'statics; convex hull of the contacts',
    target,
  };
  return [
    height,
    margin,
    {
      ...common,
      id: 'balance.tip',
      label: 'Tips at a tilt of',
      value: stands.tipDeg,
      unit: 'deg',
      formula: 'φ = atan( margin / h )',
      inputs: [asInput('margin', margin), asInput('h', height)],
      source: 'statics; unpegged, as the pegs of the legs hold much more',
      target,
    },
  ];
}

function balanceSnags(stands: Footing, centre: Vec3, contacts: readonly Point2[]): readonly Snag[] {
  const target = { kind: 'mass-centre', id: 'mass-centre' } as const;
  if (!stands.stable) {
    const facts = { outsideMm: -stands.marginMm, edge: sideOf(centre, contacts) };
    return [{ code: 'mass-outside-feet', grade: 'watch', stage: 'stance', target, facts }];
  }
  if (stands.tipDeg >= WATCH_TIP_DEG) return [];
  const facts = { marginMm: stands.marginMm, tipDeg: stands.tipDeg };
  return [{ code: 'mass-near-edge', grade: 'watch', stage: 'stance', target, facts }];
}

/** Which way the centre lies from the middle of the feet, in the animal's words. */
function sideOf(centre: Vec3, contacts: readonly Point2[]): string {
  const dx = centre[0] - contacts.reduce((s, p) => s + p[0], 0) / contacts.length;
  const dz = centre[2] - contacts.reduce((s, p) => s + p[1], 0) / contacts.length;
  if (Math.abs(dx) >= Math.abs(dz)) return dx > 0 ? 'front' : 'rear';
  return dz > 0 ? 'right' : 'left';
}
