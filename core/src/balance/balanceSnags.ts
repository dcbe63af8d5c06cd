import * as say from './words.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import type { Snag } from '../piece/snag.ts';
import type { WirePlan } from '../wire/wirePlan.ts';
import type { BalancePlan } from './balancePlan.ts';
import { directionText, worstDirection } from './tipRose.ts';
import { ballRadiusMm, WEIGHT_METALS } from './counterweight.ts';

/** An unpegged tilt below this is worth a word: a nudge of the table does it. Common practice. */
const WATCH_TIP_DEG = 5;

type Facts = Omit<BalancePlan, 'workings' | 'snags'>;

/** What is wrong with how a stance stands; `judged` false where it does not stand on feet. */
export function balanceSnags(
  facts: Facts,
  hold: Workpiece['stance']['hold'] | 'plate',
  judged: boolean,
): readonly Snag[] {
  return [
    ...(judged ? tipSnags(facts) : []),
    ...(hold !== 'hanging' && hold !== 'wall' ? [] : hookSnags(facts)),
    ...roomSnags(facts),
  ];
}

/** Too few points of fixing; a rod or an iron that is bolted, and keyed against turning, is enough by itself. */
export function fixingSnags(
  { standing }: Pick<Facts, 'standing'>,
  hold: Workpiece['stance']['hold'],
  { wires }: Pick<WirePlan, 'wires'>,
): readonly Snag[] {
  const isStiff = wires.some(({ kind }) => kind === 'rod' || kind === 'iron');
  if (hold !== 'base' || standing.length >= 2 || isStiff) return [];
  const facts = { down: standing.length };
  return [{ code: 'too-few-feet', grade: 'fix', stage: 'stance', facts }];
}

const target = { kind: 'mass-centre', id: 'mass-centre' } as const;

function tipSnags({ footing: stands, massCentre, rose, places }: Facts): readonly Snag[] {
  if (!stands.stable) {
    const best = places.find(({ ballMm, roomMm }) => ballMm <= roomMm);
    const facts = {
      outsideMm: -stands.marginMm,
      edge: sideOf(massCentre, stands.hull),
      weightG: best?.grams ?? 0,
    };
    return [{ code: 'mass-outside-feet', grade: 'watch', stage: 'stance', target, facts }];
  }
  if (stands.tipDeg >= WATCH_TIP_DEG) return [];
  const worst = worstDirection(rose);
  const facts = {
    marginMm: stands.marginMm,
    tipDeg: stands.tipDeg,
    towards: worst === undefined ? say.oneSide : directionText(worst.towardsDeg),
  };
  return [{ code: 'mass-near-edge', grade: 'watch', stage: 'stance', target, facts }];
}

function hookSnags({ hook }: Facts): readonly Snag[] {
  if (hook === undefined || hook.belowMm > 0) return [];
  const facts = { aboveMm: -hook.belowMm };
  return [{ code: 'hook-below-mass', grade: 'fix', stage: 'stance', target, facts }];
}

/** A weight that does not fit into the body where it was placed. */
function roomSnags({ weight, weightRoomMm }: Facts): readonly Snag[] {
  if (weight === null) return [];
  const ballMm = ballRadiusMm(weight.grams, WEIGHT_METALS[weight.metal].gPerMl);
  if (ballMm <= weightRoomMm) return [];
  const facts = { grams: weight.grams, ballMm: 2 * ballMm, roomMm: 2 * Math.max(0, weightRoomMm) };
  return [
    {
      code: 'weight-too-large',
      grade: 'fix',
      stage: 'stance',
      target: { kind: 'bone', id: weight.boneId },
      facts,
    },
  ];
}

/** Which way the centre lies from the middle of the feet, in the animal's words. */
function sideOf(
  centre: readonly [number, number, number],
  hull: readonly (readonly [number, number])[],
): string {
  const dx = centre[0] - hull.reduce((s, p) => s + p[0], 0) / hull.length;
  const dz = centre[2] - hull.reduce((s, p) => s + p[1], 0) / hull.length;
  if (Math.abs(dx) >= Math.abs(dz)) return dx > 0 ? 'front' : 'rear';
  return dz > 0 ? 'right' : 'left';
}
