import { describe, expect, it } from 'vitest';
import { everySnag } from '../piece/snagGroups.ts';
import type { Ground } from '../posing/ground.ts';
import { plantedAngles } from '../stance/plantedAngles.ts';
import { feetOn, PERCH_SPARE_MM } from '../stance/perch.ts';
import { changed, newWorkpiece, wholePlan } from '../testing/samples.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import { DOWELS_MM } from './perchOnBoard.ts';
import { PERCH_PEG_MM } from './pegSeat.ts';

const plainPiece = (animalId: string): Workpiece => newWorkpiece('plain', 'Plain', animalId);

/** An animal planted on what it stands on. */
function standingOn(ground: Ground, animalId = 'barn-owl', presetId = 'perching'): Workpiece {
  const piece = changed(plainPiece(animalId), 'stance', { ground, presetId });
  const { skeleton, lifePerModel } = wholePlan(piece).measure;
  const anglesDeg = plantedAngles(skeleton, piece.stance, 1 / lifePerModel);
  return changed(piece, 'stance', { anglesDeg: { ...anglesDeg } });
}

/** Where the feet of an owl are on flat ground, along it. */
const feetX = (animalId = 'barn-owl'): number =>
  wholePlan(plainPiece(animalId)).stance.feet.find(({ down }) => down)!.ball[0];

const branchAt = (x: number): Ground => ({
  kind: 'log',
  atMm: x,
  topMm: 90,
  diameterMm: 26,
  acrossMm: null,
});

describe('a bird on a branch', () => {
  const plan = wholePlan(standingOn(branchAt(feetX())));
  const { perch } = plan.stance;
  const { base } = plan.wire;

  it('is a thing of its own, above the board on two uprights', () => {
    expect(perch).toMatchObject({ kind: 'branch', name: 'branch', topMm: 90 });
    expect(perch!.supports.map(({ heightMm }) => heightMm)).toEqual([64, 64]);
    const zs = feetOn(plan.stance.ground, plan.stance.feet).map(({ ball }) => ball[2]);
    expect(zs).toHaveLength(2);
    const [left, right] = perch!.z;
    expect(Math.min(...zs) - left).toBeGreaterThanOrEqual(PERCH_SPARE_MM - 1e-9);
    expect(right - Math.max(...zs)).toBeGreaterThanOrEqual(PERCH_SPARE_MM - 1e-9);
    // A cylinder of air-dry wood, 0.6 g/ml from memory.
    const ml = (Math.PI * 2.6 ** 2 * (perch!.length.value / 10)) / 4;
    expect(perch!.weight.value).toBeCloseTo(0.6 * ml, 6);
  });

  it('has its holes in the branch and none in the board, blind and no deeper than the branch', () => {
    expect(base.holes.map(({ into }) => into)).toEqual(['perch', 'perch']);
    for (const { depth, across } of base.holes) {
      expect(depth!.value).toBeGreaterThan(5);
      expect(depth!.value).toBeLessThanOrEqual(PERCH_PEG_MM + 1e-9);
      expect(depth!.value).toBeLessThan(26);
      expect(across.value).toBeGreaterThan(0);
      expect(across.value).toBeLessThan(perch!.length.value);
    }
  });

  it('cuts the pegs to go into the branch, not through the board', () => {
    const limbs = plan.wire.wires.find(({ kind }) => kind === 'limbs')!;
    const line = (end: string): number =>
      limbs.lines.find(({ id }) => id.endsWith(end))?.value ?? Number.NaN;
    expect(line('.pegs')).toBe(0);
    expect(line('.nuts')).toBe(0);
    expect(line('.perch')).toBeCloseTo(
      base.holes.reduce((sum, { depth }) => sum + depth!.value, 0),
      6,
    );
    const points = limbs.route.points;
    expect(points[0]!.at[1]).toBeCloseTo(90 - base.holes[0]!.depth!.value, 0);
  });

  it('has a step, shopping lines and sound uprights', () => {
    const { bench } = plan;
    expect(bench!.steps.map(({ id }) => id)).toContain('wire.perch');
    const shop = bench!.shopping.map(({ id }) => id);
    expect(shop).toEqual(expect.arrayContaining(['bench.shop.perch', 'bench.shop.uprights']));
    const thick = base.perch!.thick!.value;
    expect(DOWELS_MM).toContain(thick);
    // Bending of a round bar: σ = 32·M/(π·d³), each upright with half of what leans over the branch.
    const [force, lever, allowed] = base.perch!.thick!.inputs!.map(({ value }) => value);
    const stress = (32 * ((force! * lever!) / 2)) / (Math.PI * thick ** 3);
    expect(stress).toBeLessThanOrEqual(allowed! + 1e-9);
  });

  it('lets the board hold piece and branch together', () => {
    expect(plan.balance.base.tipDeg).toBeGreaterThanOrEqual(plan.stance.tiltDeg - 1e-6);
    const [x, z] = [base.perch!.seats[0]!.x, base.perch!.seats[0]!.z];
    expect(x).toBeLessThan(base.frontX);
    expect(z).toBeGreaterThan(base.leftZ);
  });
});

describe('what goes wrong with perches', () => {
  const codes = (piece: Workpiece): readonly string[] =>
    everySnag(wholePlan(piece).snags).map(({ code }) => code);

  it('a tail or a body that passes through is to fix', () => {
    const x = feetX('red-deer');
    const post: Ground = { kind: 'post', atMm: x - 60, topMm: 400, diameterMm: 30 };
    expect(codes(changed(plainPiece('red-deer'), 'stance', { ground: post }))).toContain(
      'through-perch',
    );
  });

  it('a foot beside a post is to fix', () => {
    const post: Ground = { kind: 'post', atMm: feetX(), topMm: 60, diameterMm: 4 };
    expect(codes(standingOn(post))).toContain('foot-off-perch');
  });

  it('a rock that overhangs its board is told, and a board that follows takes it in', () => {
    const x = feetX('eurasian-otter');
    const ground: Ground = {
      kind: 'rock',
      points: [
        [x - 300, 0],
        [x - 280, 20],
        [x + 60, 20],
        [x + 80, 0],
      ],
      acrossMm: 160,
    };
    const piece = standingOn(ground, 'eurasian-otter', 'standing');
    expect(codes(piece)).not.toContain('beyond-board');
    const small = changed(piece, 'stance', {
      base: { ...piece.stance.base, lengthMm: 120, widthMm: 120 },
    });
    expect(codes(small)).toContain('beyond-board');
  });
});

describe('a board that is shorter than the animal', () => {
  const long = plainPiece('eurasian-otter');
  const short = changed(long, 'stance', {
    base: { ...long.stance.base, lengthMm: 150, widthMm: 120 },
  });

  it('is allowed, and tells how far the body goes beyond it', () => {
    const { base } = wholePlan(short).wire;
    const { posed } = wholePlan(short).stance;
    const xs = posed.bones.flatMap(({ start, end }) => [start[0], end[0]]);
    const beyond = Math.max(Math.max(...xs) - base.frontX, base.frontX - 150 - Math.min(...xs));
    // Its skin goes farther than its bones.
    expect(base.over!.value).toBeGreaterThanOrEqual(beyond);
    expect(base.over!.value).toBeLessThan(beyond + 40);
    const fits = changed(long, 'stance', {
      base: { ...long.stance.base, lengthMm: 900, widthMm: 300 },
    });
    expect(wholePlan(fits).wire.base.over).toBeNull();
  });
});

describe('a piece that stands free', () => {
  const piece = changed(plainPiece('raft-spider'), 'stance', { hold: 'free' });
  const plan = wholePlan(piece);

  it('has no pegs, no board and nothing to drill', () => {
    expect(plan.wire.base).toMatchObject({ on: 'none', holes: [] });
    for (const { route } of plan.wire.wires) expect(route.pegs).toEqual([false, false]);
    const ids = plan.bench!.steps.map(({ id }) => id);
    expect(ids).not.toContain('wire.drill');
    expect(ids).toContain('wire.mount');
    expect(plan.bench!.shopping.map(({ id }) => id)).not.toContain('bench.shop.board');
  });

  it('has nothing to make or to buy of a log that it stands on', () => {
    const ground: Ground = { kind: 'log', atMm: 0, topMm: 30, diameterMm: 30, acrossMm: null };
    const { wire, bench } = wholePlan(changed(piece, 'stance', { hold: 'free', ground }));
    expect(wire.base.perch).toBeNull();
    const ids = new Set(bench!.steps.map(({ id }) => id));
    expect(ids).not.toContain('wire.perch');
    for (const { needs } of bench!.steps) for (const id of needs) expect(ids).toContain(id);
    expect(bench!.shopping.map(({ id }) => id)).not.toContain('bench.shop.perch');
  });

  it('still stands on its feet and is judged', () => {
    expect(plan.balance.standing.length).toBeGreaterThan(5);
    expect(plan.balance.workings.map(({ id }) => id)).toContain('balance.tip');
  });
});

describe('a piece on one rod', () => {
  const running = changed(plainPiece('deinonychus'), 'stance', {
    gait: { id: 'run', moment: 0, strideMm: null },
  });

  it('is kept from turning until the user says nothing shall, and then it is told', () => {
    const iron = changed(running, 'wire', { scheme: 'back-iron' });
    const plan = wholePlan(iron);
    expect(plan.wire.rodKey).toBe('flat');
    expect(plan.snags.map(({ code }) => code)).not.toContain('rod-may-turn');
    const bolted = changed(iron, 'wire', { rod: { ...iron.wire.rod, thread: 'M4' } });
    expect(wholePlan(bolted).wire.rodKey).toBe('pin');
    const bare = changed(iron, 'wire', { rod: { ...iron.wire.rod, key: 'none' } });
    expect(wholePlan(bare).snags.map(({ code }) => code)).toContain('rod-may-turn');
  });

  it('is cut longer where its end is bent under the board', () => {
    const iron = changed(running, 'wire', { scheme: 'back-iron' });
    const bent = changed(iron, 'wire', { rod: { ...iron.wire.rod, key: 'bent' } });
    const cut = (piece: Workpiece): number =>
      wholePlan(piece).wire.wires.find(({ kind }) => kind === 'iron')!.cut.value;
    expect(cut(bent) - cut(iron)).toBeCloseTo(25, 9);
  });
});
