import type { Workpiece } from '../workshop/workpiece.ts';
import fc from 'fast-check';
import { everySnag } from '../piece/snagGroups.ts';
import { describe, expect, it } from 'vitest';
import { distance } from '../geometry/vec3.ts';
import type { WireChoice } from '../piece/pieceSchema.ts';
import { planPiece } from '../plan.ts';
import { newWorkpiece, changed, otterPiece, plainPiece } from '../testing/samples.ts';
import { bendingView } from './bendingView.ts';
import { bentVertices } from './bentWire.ts';
import { cutFromStock, type CutPiece, type Stick } from './stockCutting.ts';

const planOf = (piece: Workpiece) => planPiece(piece);
const codes = (piece: Workpiece): readonly string[] => planOf(piece).snags.map((snag) => snag.code);
const wireOf = (mm: number): WireChoice => ({
  metal: 'aluminium-soft',
  size: { system: 'mm', value: mm },
  strands: 1,
});
const limbsOf = (mm: number): Workpiece['wire']['limbs'] => ({
  'hind-legs': wireOf(mm),
  'fore-legs': wireOf(mm),
});
const stances: readonly Workpiece[] = ['standing', 'walking'].map((presetId) =>
  changed(otterPiece(), 'stance', { presetId }),
);

describe('every wire of every stance', () => {
  it.each(stances.map((piece) => [piece.stance.presetId, piece] as const))(
    '%s: marks and bends give the posed joints back within 0.01 mm',
    (_, piece) => {
      for (const wire of planOf(piece).wire.wires) {
        const back = bentVertices(wire.schedule.feedsMm, wire.schedule.bends, wire.schedule.wound);
        const joints = wire.schedule.vertices;
        joints.forEach((p, i) =>
          joints.forEach((q, j) =>
            expect(Math.abs(distance(p, q) - distance(back[i]!, back[j]!))).toBeLessThan(0.01),
          ),
        );
      }
    },
  );

  it.each(stances.map((piece) => [piece.stance.presetId, piece] as const))(
    '%s: the cut length is the sum of its lines and holds the last mark',
    (_, piece) => {
      for (const wire of planOf(piece).wire.wires) {
        const sum = wire.lines.reduce((total, line) => total + line.value, 0);
        expect(wire.cut.value).toBeCloseTo(sum, 9);
        const last = wire.bends.at(-1);
        if (last) expect(last.mark.value).toBeLessThan(wire.cut.value);
      }
    },
  );

  it.each(stances.map((piece) => [piece.stance.presetId, piece] as const))(
    '%s: marks go up, and each is what was fed and bent before it',
    (_, piece) => {
      for (const wire of planOf(piece).wire.wires) {
        let used = 0;
        for (const [i, bend] of wire.bends.entries()) {
          used += bend.feed.value;
          expect(bend.mark.value).toBeCloseTo(used, 9);
          used += wire.schedule.bends[i]!.arcMm;
        }
      }
    },
  );

  it('has a left half that mirrors the right half when the animal stands square', () => {
    // With turns round the spine the halves differ: the far one starts further along it.
    const hind = planOf(changed(stances[0]!, 'wire', { hipTurns: 0 })).wire.wires[1]!;
    const angles = hind.bends.map((bend) => bend.angle.value);
    expect(angles).toEqual(angles.toReversed().map((v) => expect.closeTo(v, 6)));
  });
});

describe('allowances', () => {
  it('are lines: each changes the cut by itself and nothing else', () => {
    const before = planOf(plainPiece()).wire.wires;
    const allowancesMm = { ...plainPiece().wire.allowancesMm, hook: 70 };
    const after = planOf(changed(plainPiece(), 'wire', { allowancesMm })).wire.wires;
    expect(after[0]!.cut.value - before[0]!.cut.value).toBeCloseTo(30, 9);
    expect(after[1]!.cut.value).toBeCloseTo(before[1]!.cut.value, 9);
  });

  // Close-wound helix (geometry): n·√((π(D + d))² + d²) of wire, n·d along the spine. The trunk of two
  // strands is 3.2 mm thick, the wire 1.6.
  it('shift the far leg along the spine by the turns round it, and the marks by their wire', () => {
    const hind = planOf(changed(plainPiece(), 'wire', { hipTurns: 2 })).wire.wires[1]!;
    const [turns] = hind.features;
    expect(turns!.kind).toBe('turns');
    expect(turns!.lengthMm).toBeCloseTo(2 * Math.hypot(Math.PI * (3.2 + 1.6), 1.6), 9);
    const [onto, off] = [turns!.afterBend - 1, turns!.afterBend].map((i) => hind.bends[i]!);
    expect(distance(onto!.at, off!.at)).toBeCloseTo(2 * 1.6, 9);
    const { bends } = hind.schedule;
    const setBacks = bends[turns!.afterBend - 1]!.tangentMm + bends[turns!.afterBend]!.tangentMm;
    expect(off!.feed.value).toBeCloseTo(turns!.lengthMm - setBacks, 9);
  });

  it('lay a wire over the spine, half of both diameters off its axis', () => {
    for (const hipTurns of [0, 2]) {
      const plan = planOf(changed(plainPiece(), 'wire', { hipTurns }));
      const { posed } = plan.stance;
      const hind = plan.wire.wires[1]!;
      const axis = posed.byId.get(posed.skeleton.plan.limbPairs[0]!.left.bones[0]!)!.start;
      const over = hind.bends.filter(({ place }) => place.startsWith('crossing'));
      for (const { at } of over) {
        const along = distance(at, axis) ** 2 - ((3.2 + 1.6) / 2) ** 2;
        expect(Math.sqrt(Math.max(0, along))).toBeCloseTo(hipTurns === 0 ? 0 : 1.6, 6);
        expect(at[1]).toBeGreaterThan(axis[1]);
      }
    }
  });

  it('put an end that is bound on before every mark', () => {
    for (const id of ['grey-heron', 'barn-owl', 'dodo', 'raft-spider', 'stag-beetle']) {
      const piece = newWorkpiece('one', 'One', id);
      const wires = planOf(
        changed(piece, 'wire', { allowancesMm: { ...piece.wire.allowancesMm, tieEnd: 0 } }),
      ).wire.wires;
      const tied = planOf(piece).wire.wires;
      const begins = tied.filter(({ features }) => features.some(({ kind }) => kind === 'end'));
      expect(begins.length, id).toBeGreaterThan(0);
      for (const wire of begins) {
        const loose = wires.find(({ key }) => key === wire.key)!;
        wire.bends.forEach((bend, i) =>
          expect(bend.mark.value, `${id} ${wire.name}`).toBeCloseTo(
            loose.bends[i]!.mark.value + 20,
            9,
          ),
        );
      }
    }
  });

  it('give the long strand of a spine with a tail no end to tie', () => {
    const lines = planOf(plainPiece()).wire.wires[0]!;
    expect(lines.lines.some(({ id }) => id.endsWith('.tie'))).toBe(false);
    expect(lines.moreStrands[0]!.lines.some(({ id }) => id.endsWith('.tie'))).toBe(true);
    expect(lines.features).toEqual([]);
  });

  it('leave out the peg of a lifted foot', () => {
    const piece = changed(plainPiece(), 'stance', { lifted: ['hindfoot.R'] });
    const lines = planOf(piece).wire.wires[1]!.lines;
    expect(lines.find((line) => line.id.endsWith('pegs'))?.value).toBe(18);
  });

  // An inch for a fold is common practice.
  it('give a fold an inch by default', () => {
    expect(plainPiece().wire.allowancesMm.fold).toBeCloseTo(25.4, 0);
  });
});

describe('snags of the wire', () => {
  it('tell a wire that is too thick for the limb, with one that would do', () => {
    const { snags: told } = planOf(changed(plainPiece(), 'wire', { limbs: limbsOf(6) }));
    const snags = everySnag(told).flatMap((snag) =>
      snag.code === 'wire-too-thick' ? [snag.facts.maxWireMm] : [],
    );
    expect(snags).toHaveLength(2);
    const limbs = limbsOf(Math.floor(Math.min(...snags) * 10) / 10);
    expect(codes(changed(plainPiece(), 'wire', { limbs }))).not.toContain('wire-too-thick');
  });

  it('tell a bend for which there is no room, and a tight radius', () => {
    expect(codes(changed(plainPiece(), 'wire', { bendRadiusInDiameters: 12 }))).toContain(
      'bend-too-short',
    );
    const brass = { ...wireOf(1.6), metal: 'brass-half-hard' } as const;
    expect(codes(changed(plainPiece(), 'wire', { limbs: { 'hind-legs': brass } }))).toContain(
      'bend-tight-for-metal',
    );
  });

  it('leave the demonstration buildable: nothing to fix', () => {
    expect(planOf(otterPiece()).snags.filter((snag) => snag.grade === 'fix')).toEqual([]);
  });

  it('never give a thicker wire more cover', () => {
    const covers = [0.8, 1.2, 1.6, 2, 3].map(
      (mm) =>
        planOf(changed(plainPiece(), 'wire', { limbs: limbsOf(mm) })).wire.wires[1]!.cover.value,
    );
    expect(covers).toEqual(covers.toSorted((a, b) => b - a));
  });

  it('tell a hole that lies too near the edge of the board', () => {
    const base = { lengthMm: 100, widthMm: null, thicknessMm: 18, rodMm: 3 };
    expect(codes(changed(plainPiece(), 'stance', { base }))).toContain('feet-off-board');
  });
});

describe('the base', () => {
  it('has a hole for each foot that is down, where its ball stands, wide enough for the wire', () => {
    const plan = planOf(otterPiece());
    expect(plan.wire.base.holes.map((hole) => hole.foot)).toEqual([
      'left forefoot',
      'left hind foot',
      'right hind foot',
    ]);
    for (const hole of plan.wire.base.holes) {
      const foot = plan.stance.feet.find((foot) => foot.contact.id === hole.contactId)!;
      expect([hole.x, hole.z]).toEqual([foot.ball[0], foot.ball[2]]);
      expect(hole.diameter.value).toBeGreaterThan(2);
      expect(hole.along.value).toBeCloseTo(plan.wire.base.frontX - hole.x, 9);
    }
  });
});

describe('cutFromStock', () => {
  const lengths = fc.array(fc.integer({ min: 20, max: 400 }), { minLength: 1, maxLength: 5 });

  /** Least length left to buy, by trying every assignment. */
  function plainLeast(pieces: readonly CutPiece[], sticks: readonly Stick[], loss: number): number {
    const most = (sticks.length + 1) ** pieces.length;
    let least = Infinity;
    for (let code = 0; code < most; code++) {
      const used = sticks.map(() => -loss);
      let rest = code;
      let missing = 0;
      for (const piece of pieces) {
        const to = rest % (sticks.length + 1);
        rest = Math.floor(rest / (sticks.length + 1));
        if (to === sticks.length) missing += piece.mm;
        else used[to]! += piece.mm + loss;
      }
      if (used.every((mm, i) => mm <= sticks[i]!.mm + 1e-9)) least = Math.min(least, missing);
    }
    return least;
  }

  it('leaves no more to buy than the search over every assignment', () => {
    fc.assert(
      fc.property(lengths, lengths, fc.integer({ min: 0, max: 3 }), (need, have, loss) => {
        const pieces = need.map((mm, i) => ({ id: `p${i}`, mm }));
        const sticks = have.slice(0, 3).map((mm, i) => ({ id: `s${i}`, mm: mm * 2 }));
        const plan = cutFromStock(pieces, sticks, loss);
        const missing = plan.missing.reduce((sum, piece) => sum + piece.mm, 0);
        expect(missing).toBe(plainLeast(pieces, sticks, loss));
        for (const entry of plan.sticks) {
          const cut = entry.pieces.reduce((sum, piece) => sum + piece.mm, 0);
          expect(cut + entry.leftMm).toBeLessThanOrEqual(entry.stick.mm);
        }
      }),
      { seed: 12, numRuns: 60 },
    );
  });

  it('buys everything where there is nothing', () => {
    expect(cutFromStock([{ id: 'a', mm: 10 }], [], 0).missing).toHaveLength(1);
  });
});

describe('bendingView', () => {
  it('shows each bend at its true angle, with the rest of the wire to the right', () => {
    for (const wire of planOf(otterPiece()).wire.wires) {
      for (const bend of wire.bends) {
        const { done, rest } = bendingView(wire, bend.number);
        const [bx, by] = done.at(-2)!;
        const seen = 180 - (Math.atan2(Math.abs(by), bx) * 180) / Math.PI;
        expect(seen).toBeCloseTo(bend.angle.value, 5);
        expect(rest.at(-1)![0]).toBeGreaterThan(0);
        expect(rest.at(-1)![1]).toBeCloseTo(0, 6);
      }
    }
  });
});
