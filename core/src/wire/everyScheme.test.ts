import type { Workpiece } from '../workshop/workpiece.ts';
import { describe, expect, it } from 'vitest';
import { ANIMALS } from '../anatomy/animals/index.ts';
import { STARTERS } from '../anatomy/starters.ts';
import { distance } from '../geometry/vec3.ts';
import { SCHEME_IDS, type SchemeId } from '../piece/wireSchema.ts';
import { animalById, planById } from '../anatomy/registry.ts';
import type { StancePlan } from '../stance/stancePlan.ts';
import { sampled } from '../testing/sampled.ts';
import { newWorkpieceOf, newWorkpiece, changed, stanceOf } from '../testing/samples.ts';
import { bentVertices } from './bentWire.ts';
import { addsToFeed, type PlannedWire } from './plannedWire.ts';
import { cutPieces } from './planStock.ts';
import { planWire } from './planWire.ts';
import type { WirePlan } from './wirePlan.ts';

/** Lengths and angles worked out in floating point agree within this, mm. */
const TINY_MM = 1e-6;

/** A piece standing in one way: all schemes are made for the same stance. */
function standing(animalId: string, presetId: string): Standing {
  const key = `${animalId} ${presetId}`;
  const piece = changed(newWorkpiece('one', 'One', animalId), 'stance', { presetId });
  const found = stood.get(key) ?? { piece, stance: stanceOf(piece) };
  stood.set(key, found);
  return found;
}
interface Standing {
  readonly piece: Workpiece;
  readonly stance: StancePlan;
}
const stood = new Map<string, Standing>();

function planned(animalId: string, presetId: string, scheme: SchemeId): WirePlan {
  const { piece, stance } = standing(animalId, presetId);
  return planWire({ wire: { ...piece.wire, scheme }, base: piece.stance.base, stance });
}

/** Bends the wire by its marks, feature by feature, and compares every pair of joints. */
function worstMissMm(wire: PlannedWire): number {
  const marks = wire.bends.map(({ mark }) => mark.value);
  // Back from marks to feeds: less the arc before, less what was wound on before.
  const feeds = marks.map((mark, i) => {
    const before = wire.bends[i - 1];
    const arcMm = wire.schedule.bends[i - 1]?.arcMm ?? 0;
    const wound = wire.features
      .filter((feature) => feature.afterBend === i && addsToFeed(feature))
      .reduce((sum, { lengthMm }) => sum + lengthMm, 0);
    return mark - wound - (before === undefined ? 0 : before.mark.value + arcMm);
  });
  const joints = wire.schedule.vertices;
  const steps = wire.bends.map((bend, i) => ({
    turnDeg: bend.turn.value,
    bendDeg: bend.angle.value,
    tangentMm: wire.schedule.bends[i]!.tangentMm,
  }));
  const back = bentVertices([...feeds, wire.schedule.feedsMm.at(-1)!], steps, wire.schedule.wound);
  let worst = 0;
  joints.forEach((p, i) =>
    joints.forEach((q, j) => {
      worst = Math.max(worst, Math.abs(distance(p, q) - distance(back[i]!, back[j]!)));
    }),
  );
  return worst;
}

describe.each(SCHEME_IDS.map((id) => [id] as const))('scheme %s', (scheme) => {
  it.each(ANIMALS.map((animal) => [animal.id] as const))('%s: in its stances', (animalId) => {
    const { stances } = planById(animalById(animalId)!.planId)!;
    const seed = ANIMALS.findIndex(({ id }) => id === animalId) + 100 * SCHEME_IDS.indexOf(scheme);
    for (const { id } of sampled(stances, 1, seed)) {
      const plan = planned(animalId, id, scheme);
      const keys = plan.wires.map(({ key }) => key);
      expect(new Set(keys).size, id).toBe(keys.length);
      expect(new Set(plan.wires.map((wire) => wire.id)).size, id).toBe(keys.length);
      for (const wire of plan.wires) {
        const place = `${id}, ${wire.id} ${wire.name}`;
        expect(worstMissMm(wire), place).toBeLessThan(0.01);
        for (const { lines, cut } of [
          ...(wire.otherEndOf === null ? [wire] : []),
          ...wire.moreStrands,
        ]) {
          const sum = lines.reduce((total, line) => total + line.value, 0);
          expect(Math.abs(cut.value - sum), place).toBeLessThan(TINY_MM);
          expect(cut.value, place).toBeGreaterThan(0);
        }
        const last = wire.bends.at(-1);
        const owner = plan.wires.find(({ key }) => key === wire.otherEndOf) ?? wire;
        if (last) expect(last.middle.value, place).toBeLessThan(owner.cut.value);
      }
      for (const { mm } of cutPieces(plan)) expect(Number.isFinite(mm), id).toBe(true);
      if (scheme === 'no-wire') expect(plan.wires, id).toEqual([]);
    }
  });
});

describe.each(STARTERS.map((starter) => [starter.name, starter] as const))(
  'own creature: %s',
  (_, starter) => {
    it.each(SCHEME_IDS.map((id) => [id] as const))('%s: bends back to its joints', (scheme) => {
      const piece = newWorkpieceOf('own', 'Own', starter.creature('own'));
      const { wires } = planWire({
        wire: { ...piece.wire, scheme },
        base: piece.stance.base,
        stance: stanceOf(piece),
      });
      for (const wire of wires) expect(worstMissMm(wire), wire.name).toBeLessThan(0.01);
      expect(wires.length > 0).toBe(scheme !== 'no-wire');
    });
  },
);
