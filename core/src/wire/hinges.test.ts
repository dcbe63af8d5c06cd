import { snagSentence } from '../piece/snag.ts';
import { describe, expect, it } from 'vitest';
import { pieceText } from '../formats/pieceFile.ts';
import { readPieceText } from '../formats/readPiece.ts';
import { planPiece } from '../plan.ts';
import { newWorkpiece, changed, plainPiece } from '../testing/samples.ts';

const hinged = (animalId: string, ids: string[], posable = true) =>
  planPiece(changed(newWorkpiece('one', 'One', animalId), 'wire', { posable, freeJoints: ids }))
    .wire.hinges;

describe('joints left free', () => {
  it('are measured in a posable piece alone', () => {
    expect(hinged('grey-heron', ['bill'], false).hinges).toEqual([]);
    const [bill] = hinged('grey-heron', ['bill']).hinges;
    expect(bill!.tube.value).toBeGreaterThan(bill!.pin.value);
  });

  // Two edges at distance g from a hinge, r off its axis, meet when the limb flexes by θ: g = r·tan(θ/2).
  it('keep so much free of putty that the edges just meet at the farthest flexion', () => {
    const [knee] = hinged('eurasian-otter', ['tibia.L']).hinges;
    const [r, flex] = ['r', 'θ'].map(
      (symbol) => knee!.gap.inputs.find((input) => input.symbol === symbol)!.value,
    );
    const half = (flex! * Math.PI) / 360;
    // The corner of one limb, turned by half the flexion, lies on the plane between both.
    const corner = [-knee!.gap.value, -r!];
    const across = corner[0]! * Math.cos(half) - corner[1]! * Math.sin(half);
    expect(across).toBeCloseTo(0, 9);
  });

  it('have pins that are sold, thicker for a thicker joint', () => {
    const [thin, thick] = hinged('grey-wolf', ['metatarsus.L', 'thoracic']).hinges;
    expect(thick!.pin.value).toBeGreaterThan(thin!.pin.value);
  });

  it('are refused by name where the plan has no such bone', () => {
    const odd = changed(plainPiece(), 'wire', { freeJoints: ['antler'] });
    expect(readPieceText(pieceText(odd))).toMatchObject({
      ok: false,
      problem: { where: 'wire.freeJoints', received: '“antler”' },
    });
  });
});

describe('metals of the piece', () => {
  const own = {
    id: 'own-1',
    name: 'old fence wire',
    eMPa: 200_000,
    yieldMPa: 900,
    densityKgM3: 7850,
    leastInsideDiameters: 1,
  };

  it('can be the user’s own, with its own strength and springback', () => {
    const spine = { ...plainPiece().wire.spine, metal: 'own-1' };
    const plan = planPiece(changed(plainPiece(), 'wire', { ownMetals: [own], spine }));
    const wire = plan.wire.wires[0]!;
    expect(wire.metalName).toBe('old fence wire');
    const joint = plan.strength.joints.find(({ wire: of }) => of.id === 'A')!;
    expect(joint.metal.yieldMPa[2]).toBe(900);
    const soft = planPiece(plainPiece()).wire.wires[0]!;
    expect(wire.bends[0]!.bendTo!.value / wire.bends[0]!.angle.value).toBeGreaterThan(
      soft.bends[0]!.bendTo!.value / soft.bends[0]!.angle.value,
    );
  });

  it('are told where the workshop does not know one, which is then reckoned as soft steel', () => {
    const spine = { ...plainPiece().wire.spine, metal: 'own-7' };
    const plan = planPiece(changed(plainPiece(), 'wire', { spine }));
    const told = plan.snags.filter(({ code }) => code === 'metal-unknown');
    expect(told.map((snag) => snagSentence(snag))).toEqual([
      expect.stringMatching(/^The workshop has no metal “own-7”/),
    ]);
    const steel = { ...spine, metal: 'steel-annealed' };
    const known = planPiece(changed(plainPiece(), 'wire', { spine: steel }));
    expect(plan.wire.wires[0]!.cut.value).toBe(known.wire.wires[0]!.cut.value);
    expect(known.snags.map(({ code }) => code)).not.toContain('metal-unknown');
  });
});
