import type { Workpiece } from '../workshop/workpiece.ts';
import { describe, expect, it } from 'vitest';
import type { SchemeId } from '../piece/wireSchema.ts';
import { planPiece } from '../plan.ts';
import type { Plan } from '../planTypes.ts';
import { newWorkpiece, changed, otterPiece, plainPiece, wolfPiece } from '../testing/samples.ts';
import { developedUntil } from './developed.ts';
import { helixRadiusMm, twistFactor } from './twist.ts';

const planOf = (piece: Workpiece, wire: Partial<Workpiece['wire']> = {}): Plan =>
  planPiece(changed(piece, 'wire', wire));
const inScheme = (piece: Workpiece, scheme: SchemeId): Plan => planOf(piece, { scheme });
const lineOf = (plan: Plan, key: string, id: string): number =>
  plan.wire.wires
    .find((wire) => wire.key === key)!
    .lines.find((line) => line.id.endsWith(`.${id}`))!.value;

describe('folded pair', () => {
  const plan = inScheme(plainPiece(), 'folded-pair');
  const hind = plan.wire.wires.find(({ key }) => key === 'limbs:hind-legs')!;

  // Common practice: a wire folded at the middle is twice its front length, and an inch for the fold.
  it('takes twice the way from foot to fold, and the fold', () => {
    const way = hind.schedule.developedMm;
    const other = lineOf(plan, hind.key, 'right') - lineOf(plan, hind.key, 'left');
    const twist = lineOf(plan, hind.key, 'twist');
    const fold = lineOf(plan, hind.key, 'fold');
    const margin = lineOf(plan, hind.key, 'margin');
    expect(hind.cut.value).toBeCloseTo(2 * way + other + twist + fold + margin, 6);
    expect(fold).toBeCloseTo(25.4, 0);
  });

  it('cuts it once: its right end has its own bends and no length of its own', () => {
    const right = plan.wire.wires.find(({ otherEndOf }) => otherEndOf === hind.key)!;
    expect(right.id).toBe(`${hind.id}r`);
    expect(right.bends.length).toBeGreaterThan(2);
    expect(right.cut).toBe(hind.cut);
    const pieces = plan.wire.stock.groups.flatMap((group) => group.pieces.map(({ id }) => id));
    expect(pieces.filter((id) => id === hind.id)).toHaveLength(1);
    expect(pieces).not.toContain(right.id);
  });

  it('twists the trunk of four strands between the legs, two in the neck, and keeps the tail thin', () => {
    const { spine, tailBones } = plan.stance.posed.skeleton.plan;
    const strandsIn = (boneId: string): number =>
      plan.wire.wires
        .flatMap(({ through }) => through)
        .filter((carriedBone) => carriedBone.boneId === boneId)
        .reduce((sum, { strands }) => sum + strands, 0);
    expect(strandsIn('lumbar')).toBe(4);
    expect(strandsIn('neckLower')).toBe(2);
    for (const bone of tailBones) expect(strandsIn(bone)).toBe(1);
    expect(spine).toContain('lumbar');
  });

  it('needs no limbs: a serpent is twisted as ever', () => {
    const adder = inScheme(newWorkpiece('one', 'One', 'adder'), 'folded-pair');
    expect(adder.wire.wires[0]).toMatchObject({ key: 'spine', kind: 'spine' });
  });
});

describe('rods in the base', () => {
  const plan = inScheme(wolfPiece(), 'base-rods');
  const rods = plan.wire.wires.filter(({ kind }) => kind === 'rod');

  it('put a stiff rod into every leg that stands, and end the soft wire in the foot', () => {
    expect(rods).toHaveLength(4);
    for (const plannedWire of plan.wire.wires.filter(({ kind }) => kind === 'limbs'))
      expect(plannedWire.route.pegs).toEqual([false, false]);
    expect(plan.wire.base.holes.map(({ wireId }) => wireId).toSorted()).toEqual(
      rods.map(({ id }) => id).toSorted(),
    );
  });

  it('drill a hole that leans as the rod does, and lash it in two places', () => {
    for (const rod of rods) {
      const hole = plan.wire.base.holes.find(({ wireId }) => wireId === rod.id)!;
      const [peg, ball] = rod.route.points;
      const run = Math.hypot(ball!.at[0] - peg!.at[0], ball!.at[2] - peg!.at[2]);
      const slant = (Math.atan2(run, ball!.at[1] - peg!.at[1]) * 180) / Math.PI;
      expect(hole.slant.value).toBeCloseTo(slant, 6);
      expect(plan.wire.bindings.bindings.filter(({ wires }) => wires[0] === rod.id)).toHaveLength(
        2,
      );
    }
  });

  it('carry what the soft wire alone would not', () => {
    const soft = {
      metal: 'aluminium-soft',
      size: { system: 'mm', value: 1.6 },
      strands: 1,
    } as const;
    const limbs = { 'hind-legs': soft, 'fore-legs': soft };
    const share = (scheme: SchemeId): number =>
      planOf(wolfPiece(), { scheme, limbs }).strength.joints.find(
        ({ boneId }) => boneId === 'metacarpus.L',
      )!.posedShare;
    expect(share('base-rods')).toBeLessThan(0.5 * share('bound-loops'));
  });

  it('are mixed by region: rods behind, loops in front', () => {
    const mixed = planOf(wolfPiece(), { ways: { 'hind-legs': 'rods' } });
    const names = mixed.wire.wires.filter(({ kind }) => kind === 'rod').map(({ name }) => name);
    expect(names).toEqual(['Rod, left hind foot', 'Rod, right hind foot']);
    const fore = mixed.wire.wires.find(({ key }) => key === 'limbs:fore-legs')!;
    expect(fore.route.pegs).toEqual([true, true]);
    const none = planOf(wolfPiece(), { ways: { 'fore-legs': 'none' } });
    expect(none.wire.unwired).toContain('Forelegs');
  });

  it('count nuts, washers and spring washers where they are threaded', () => {
    const rod = {
      metal: 'steel-annealed',
      size: { system: 'mm', value: 3 },
      thread: 'M3',
      key: null,
    } as const;
    const { base } = planOf(wolfPiece(), { scheme: 'base-rods', rod }).wire;
    expect(base.hardware.map(({ label, value }) => [label, value])).toEqual([
      ['Nuts M3', 8],
      ['Washers M3', 8],
      ['Spring washers M3', 4],
    ]);
    // ISO 273, medium series: 3.4 mm for M3.
    for (const { diameter } of base.holes) expect(diameter.value).toBe(3.4);
  });
});

describe('back iron', () => {
  const plan = inScheme(otterPiece(), 'back-iron');
  const iron = plan.wire.wires.find(({ kind }) => kind === 'iron')!;

  it('is the one thing in the base, bound to the trunk in two places', () => {
    expect(plan.wire.base.holes.map(({ wireId }) => wireId)).toEqual([iron.id]);
    expect(plan.wire.bindings.bindings.filter(({ wires }) => wires[0] === iron.id)).toHaveLength(2);
  });

  it('stands under the centre of mass as near as the trunk allows', () => {
    const [x] = iron.route.points[0]!.at;
    const trunk = ['sacrum', 'lumbar', 'thoracic'].map((id) => plan.stance.posed.byId.get(id)!);
    const lows = trunk.flatMap(({ start, end }) => [start[0], end[0]]);
    expect(x).toBeGreaterThan(Math.min(...lows));
    expect(x).toBeLessThan(Math.max(...lows));
    expect(Math.abs(x - plan.balance.massCentre[0])).toBeLessThan(15);
  });

  it('takes the load off the legs', () => {
    const loops = inScheme(otterPiece(), 'bound-loops');
    const worst = (of: Plan): number =>
      Math.max(
        ...of.strength.joints
          .filter(({ boneId }) => /^(tibia|femur|radius|humerus)/.test(boneId))
          .map(({ load }) => load.stanceNmm),
      );
    expect(worst(plan)).toBeLessThan(0.2 * worst(loops));
    const [peg] = plan.strength.pegs;
    expect(peg!.place.id).toBe('iron');
    expect(peg!.bending.value).toBeGreaterThan(0);
    expect(peg!.buckling!.value).toBeGreaterThan(0);
  });

  it('tells an iron that is too thin, with one that would do', () => {
    const wire = (value: number): Partial<Workpiece['wire']> => ({
      scheme: 'back-iron',
      rod: { metal: 'aluminium-soft', size: { system: 'mm', value }, thread: null, key: null },
    });
    const leaning = changed(otterPiece(), 'stance', { presetId: 'standing' });
    const thin = planOf(leaning, wire(0.6)).snags.find(({ code }) => code === 'rod-too-weak');
    if (thin?.code !== 'rod-too-weak') throw new Error('no snag');
    const held = planOf(leaning, wire(Math.ceil(10 * thin.facts.leastMm) / 10));
    expect(held.snags.map(({ code }) => code)).not.toContain('rod-too-weak');
  });

  it('is left out where no foot stands: the stance has its rods', () => {
    const flying = changed(newWorkpiece('one', 'One', 'grey-heron'), 'stance', {
      presetId: 'flying',
    });
    const kinds = inScheme(flying, 'back-iron').wire.wires.map(({ kind }) => kind);
    expect(kinds).not.toContain('iron');
    expect(kinds).toContain('rod');
  });
});

describe('coiled trunk', () => {
  const plan = inScheme(otterPiece(), 'coiled-trunk');
  const { coil } = plan.wire;

  it('has the length of its helix, by summing many small steps', () => {
    const spine = plan.wire.wires[0]!;
    const r = (coil!.formerMm + spine.diameterMm) / 2;
    let sum = 0;
    const steps = 200_000;
    for (let i = 0; i < steps; i++) {
      const [a, b] = [i, i + 1].map((k) => (2 * Math.PI * coil!.turns * k) / steps);
      const rise = coil!.longMm / steps;
      sum += Math.hypot(r * (Math.cos(b!) - Math.cos(a!)), r * (Math.sin(b!) - Math.sin(a!)), rise);
    }
    expect(coil!.extraMm).toBeCloseTo(sum - coil!.longMm, 2);
    expect(lineOf(plan, 'spine', 'coil')).toBe(coil!.extraMm);
  });

  it('stays under the skin by the cover that is wanted', () => {
    const wide = inScheme(changed(otterPiece(), 'wire', { coverMm: 3 }), 'coiled-trunk').wire.coil!;
    expect(wide.formerMm).toBeLessThan(coil!.formerMm);
    expect(coil!.formerMm - wide.formerMm).toBeCloseTo(2 * (3 - otterPiece().wire.coverMm), 1);
  });

  it('is not wound where the trunk lies in loops', () => {
    const adder = changed(newWorkpiece('one', 'One', 'adder'), 'stance', { presetId: 'coiled' });
    expect(inScheme(adder, 'coiled-trunk').wire.coil).toBeNull();
  });
});

describe('no wire', () => {
  it('leaves the clay alone: nothing to cut, bind or drill', () => {
    const { wire } = inScheme(plainPiece(), 'no-wire');
    expect(wire.wires).toEqual([]);
    expect(wire.bindings.bindings).toEqual([]);
    expect(wire.base.holes).toEqual([]);
    expect(wire.unwired).toEqual(['Hind legs', 'Forelegs']);
    expect(wire.base.length.value).toBeGreaterThan(50);
  });
});

describe('strands of the spine', () => {
  const spineOf = (wire: Partial<Workpiece['wire']>) => planOf(plainPiece(), wire).wire.wires[0]!;
  const three = { ...plainPiece().wire.spine, strands: 3 };

  it('drop out one by one along a tapered tail', () => {
    const even = spineOf({ spine: three });
    const tapered = spineOf({ spine: three, taperTail: true });
    expect(even.strandsAt).toEqual([1, 1, 1, 1, 3, 3, 3, 3, 3, 3]);
    expect(tapered.strandsAt).toEqual([1, 2, 2, 3, 3, 3, 3, 3, 3, 3]);
    expect(tapered.moreStrands.map(({ count }) => count)).toEqual([1, 1]);
    const [long, short] = tapered.moreStrands.map(({ cut }) => cut.value);
    expect(long!).toBeGreaterThan(short!);
  });

  it('are more along the neck alone where that is asked', () => {
    const neck = spineOf({ neckStrands: 2 });
    expect(neck.strandsAt).toEqual([1, 1, 1, 1, 2, 2, 2, 4, 4, 4]);
    const added = neck.moreStrands.at(-1)!;
    expect(added).toMatchObject({ count: 2 });
    expect(added.cut.value).toBeLessThan(neck.moreStrands[0]!.cut.value);
    expect(added.name).toMatch(/neck strand from the root of the neck/);
  });

  it('take up what a helix takes, stretch by stretch', () => {
    const plan = planOf(plainPiece(), { spine: three });
    const spine = plan.wire.wires[0]!;
    const d = spine.diameterMm;
    const from = developedUntil(spine.schedule, spine.route, 4);
    const rope = (2 * helixRadiusMm(3, d) + d) * plainPiece().wire.twistPitchInDiameters;
    const factor = twistFactor(helixRadiusMm(3, d), rope);
    expect(lineOf(plan, 'spine', 'twist')).toBeCloseTo(
      (spine.schedule.developedMm - from) * (factor - 1),
      6,
    );
  });
});
