import { NEW_ZONE_COLOUR } from './piece/colourSchema.ts';
import { usualZone } from './piece/skinSchema.ts';
import { parted } from './workshop/workpiece.ts';
import type { Workpiece } from './workshop/workpiece.ts';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { animalById, ANIMALS, planById } from './anatomy/registry.ts';
import { assertPosed } from './anatomy/pose.ts';
import { PROVENANCES } from './anatomy/provenance.ts';
import { readPiece } from './formats/readPiece.ts';
import { snagSentence } from './piece/snag.ts';
import { samePlace } from './anatomy/place.ts';
import type { SheetTarget } from './piece/target.ts';
import { STAGES, type Working } from './piece/working.ts';
import { createPlanner, planPiece } from './plan.ts';
import type { Plan } from './planTypes.ts';
import { tries } from './testing/sampled.ts';
import {
  newWorkpiece,
  changed,
  answersFor,
  coarseBody,
  otterPiece,
  plainPiece,
  wholePlan,
} from './testing/samples.ts';

const plain = (animalId: string): Workpiece => newWorkpiece('plain', 'Plain', animalId);
/** Every stance of every animal; with its bakes in the first of each, or in all of them in the long run. */
const CASES = ANIMALS.flatMap((animal) => {
  const piece = plain(animal.id);
  return planById(animal.planId)!.stances.map(
    (stance, i) =>
      [
        `${animal.name}, ${stance.name.toLowerCase()}`,
        changed(piece, 'stance', { presetId: stance.id }),
        __LONG__ || i === 0,
      ] as const,
  );
});

describe.each(CASES)('the whole plan: %s', (_, piece, withBakes) => {
  const plan = wholePlan(piece, withBakes);

  it('is made of workings that say what they are and where they come from', () => {
    const seen = new Set<string>();
    for (const working of plan.workings) {
      expect(seen.has(working.id), working.id).toBe(false);
      seen.add(working.id);
      for (const words of [working.label, working.formula, working.source])
        expect(words, working.id).not.toBe('');
      expect(PROVENANCES, working.id).toContain(working.provenance);
      expect(STAGES, working.id).toContain(working.stage);
      expect(Number.isFinite(working.value), working.id).toBe(true);
      for (const input of working.inputs)
        expect(Number.isFinite(input.value), working.id).toBe(true);
      if (working.range) expect(working.range[0], working.id).toBeLessThanOrEqual(working.range[1]);
    }
  });

  it('has numbers of every stage', () => {
    const stages = new Set(plan.workings.map((working) => working.stage));
    expect([...stages].sort()).toEqual([...STAGES].sort());
  });

  it('points at places that there are', () => {
    const places: Readonly<Record<string, (id: string) => boolean>> = {
      bone: (id) => plan.measure.skeleton.byId.has(id),
      region: (id) => plan.builds.some((build) => build.region.id === id),
      zone: (id) =>
        plan.skin.zones.some((zone) => zone.zone.id === id) ||
        plan.markings.markings.some((of) => id.startsWith(`mark-${of.id}-`)),
      wire: (id) => plan.wire.wires.some((wire) => wire.id === id),
      contact: (id) => plan.stance.feet.some((foot) => foot.contact.id === id),
      step: (id) => plan.bench!.steps.some((step) => step.id === id),
      fitting: (id) => plan.fittings.fittings.some((fitting) => fitting.id === id),
      hole: (id) => plan.stance.feet.some((foot) => foot.contact.id === id),
      muscle: (id) => plan.mass!.shape!.muscles.some((muscle) => muscle.id === id),
      peg: (id) => plan.mass!.shape!.pegs.some((peg) => String(peg.number) === id),
      'mass-centre': (id) => id === 'mass-centre' && plan.balance !== null,
      picture: (id) => plan.piece.references.pictures.some((picture) => picture.id === id),
      height: (id) =>
        id === 'posed' || plan.measure.skeleton.plan.sizes.some((size) => size.id === id),
      // The whole piece, and what of it has no part of its own.
      piece: (id) => ['piece', 'base', 'oven', 'ground'].includes(id),
    };
    const targets = [...plan.workings, ...plan.snags].flatMap((working) => working.target ?? []);
    expect(new Set(targets.map(({ kind }) => kind)).size).toBeGreaterThan(6);
    const isThere = (target: SheetTarget): boolean => {
      if (target.kind === 'bend')
        return plan.wire.wires.some(
          ({ id, bends }) =>
            id === target.wireId && bends.some(({ number }) => number === target.bend),
        );
      if (target.kind === 'section')
        return plan.mass!.shape!.cards.some(({ cut }) => samePlace(cut, target.place));
      const known = places[target.kind];
      if (known === undefined) throw new Error(`nobody looks for a place of kind “${target.kind}”`);
      return known(target.id);
    };
    for (const target of targets) expect(isThere(target), JSON.stringify(target)).toBe(true);
  });

  it('tells each snag as a sentence with its remedy, in both systems of units', () => {
    for (const snag of plan.snags) {
      for (const system of ['metric', 'imperial'] as const) {
        const text = snagSentence(snag, system);
        expect(text).toMatch(/^[A-Z“].*\.$/s);
        expect(text).not.toMatch(/NaN|undefined|Infinity/);
      }
    }
  });

  it('stands on bones of their own length, with its standing feet on the ground', () => {
    expect(() => assertPosed(plan.stance.posed)).not.toThrow();
    for (const foot of plan.stance.feet.filter((foot) => foot.down))
      expect(foot.touches).toBe(true);
  });

  it('cuts each wire to the sum of its lines, and drills under each standing foot', () => {
    const sum = (lines: readonly Working[]): number => lines.reduce((s, line) => s + line.value, 0);
    for (const wire of plan.wire.wires) expect(sum(wire.lines)).toBeCloseTo(wire.cut.value, 9);
    const down = plan.stance.feet.filter((foot) => foot.down);
    expect(plan.wire.base.holes.map((hole) => hole.contactId).sort()).toEqual(
      down.map((foot) => foot.contact.id).sort(),
    );
    for (const hole of plan.wire.base.holes) {
      const foot = down.find((footfall) => footfall.contact.id === hole.contactId)!;
      expect([hole.x, hole.z]).toEqual([foot.ball[0], foot.ball[2]]);
    }
  });
});

describe('the road', () => {
  it('works out again only what a change reaches', () => {
    const plan = createPlanner();
    const body = coarseBody(otterPiece());
    const planned = (piece: Workpiece): Plan => plan(piece, answersFor(piece, { body }));
    const before = planned(otterPiece());
    const start = before.piece;
    const recoloured = planned(changed(start, 'colour', { baseCoats: 3 }));
    for (const stage of ['measure', 'stance', 'balance', 'wire', 'mass', 'cure', 'skin'] as const)
      expect(recoloured[stage], stage).toBe(before[stage]);
    expect(recoloured.colour).not.toBe(before.colour);
    const reshelled = planned(changed(start, 'mass', { shellMm: 6 }));
    expect(reshelled.wire).toBe(before.wire);
    expect(reshelled.mass).not.toBe(before.mass);
  });

  it('is remembered by one planner alone', () => {
    const [one, other] = [createPlanner(), createPlanner()];
    const piece = plainPiece();
    expect(one(piece).wire).toBe(one(piece).wire);
    expect(other(piece).wire).not.toBe(one(piece).wire);
    expect(other(piece).wire).toEqual(one(piece).wire);
  });

  it('asks for no other shape or body when what they do not read is changed', () => {
    const { jobs } = planPiece(otterPiece());
    const keysOf = (piece: Workpiece) => {
      const { body, shape } = planPiece(piece).jobs;
      return [body.key, shape.key];
    };
    const same = [jobs.body.key, jobs.shape.key];
    const piece = otterPiece();
    expect(keysOf(changed(piece, 'wire', { stock: [], sold: [], keepMm: 1 }))).toEqual(same);
    expect(keysOf(changed(piece, 'measure', { ovenAirMm: 30, box: null }))).toEqual(same);
    expect(keysOf(changed(piece, 'stance', { kept: [], tiltDeg: 9, locked: [] }))).toEqual(same);
    expect(keysOf(changed(piece, 'mass', { sparePercent: 33, thickMm: 9 }))).toEqual(same);
    expect(keysOf(changed(piece, 'skin', { tools: [] }))).toEqual(same);
    expect(keysOf(changed(piece, 'mass', { shellMm: 7 }))).toEqual([same[0], expect.any(String)]);
    expect(keysOf(changed(piece, 'mass', { shellMm: 7 }))).not.toEqual(same);
    const lengths = piece.measure.lifeLengths;
    const noted = Object.fromEntries(
      Object.entries(lengths).map(([key, length]) => [
        key,
        { ...length, on: null, plusMinusMm: 9 },
      ]),
    );
    expect(keysOf(changed(piece, 'measure', { lifeLengths: noted }))).toEqual(same);
  });

  it('stands without the body, and says which parts wait for it', () => {
    const plan = planPiece(otterPiece());
    expect([plan.mass, plan.colour, plan.bench]).toEqual([null, null, null]);
    // A first balance comes from thin sections.
    expect(plan.balance.exact).toBe(false);
    expect(plan.wire.wires.filter(({ kind }) => kind !== 'fine')).toHaveLength(3);
    expect(plan.cure.packets.length).toBeGreaterThan(0);
    expect(plan.skin.zones.length).toBeGreaterThan(0);
  });

  it('gives the same plan for the same decisions', () => {
    const text = (): string => JSON.stringify(wholePlan(otterPiece(), true).workings);
    expect(text()).toBe(text());
  });

  // Whatever a user decides within the schema, the plan is numbers and sentences, never a crash.
  it('bears any valid decisions', () => {
    const animal = fc.constantFrom(...ANIMALS.map((animal) => animal.id));
    const decisions = fc.record({
      animal,
      lifePerModel: fc.double({ min: 0.02, max: 200, noNaN: true }),
      shellMm: fc.double({ min: 0.5, max: 60, noNaN: true }),
      core: fc.constantFrom('foil' as const, 'solid' as const),
      setC: fc.option(fc.integer({ min: 0, max: 300 })),
      method: fc.constantFrom('carved' as const, 'fibre' as const, 'smooth' as const),
      step: fc.double({ min: 0.02, max: 0.2, noNaN: true }),
      hex: fc.integer({ min: 0, max: 0xffffff }),
      wireMm: fc.double({ min: 0.2, max: 8, noNaN: true }),
      strands: fc.integer({ min: 1, max: 7 }),
    });
    fc.assert(
      fc.property(decisions, (d) => {
        const start = plain(d.animal);
        const { coat, planId } = animalById(d.animal)!;
        const zone = coat[0]!.id;
        const region = planById(planId)!.regions[0]!.id;
        const choice = {
          metal: 'steel-annealed' as const,
          size: { system: 'mm' as const, value: d.wireMm },
          strands: d.strands,
        };
        const piece: Workpiece = {
          ...start,
          measure: { ...start.measure, scale: { by: 'ratio', lifePerModel: d.lifePerModel } },
          wire: { ...start.wire, spine: choice },
          mass: {
            ...start.mass,
            shellMm: d.shellMm,
            shells: { [region]: { core: d.core, shellMm: d.shellMm } },
          },
          cure: { ...start.cure, setC: d.setC },
          skin: { ...start.skin, zones: { [zone]: usualZone(d.method) } },
          colour: {
            ...start.colour,
            step: d.step,
            zones: {
              [zone]: {
                ...NEW_ZONE_COLOUR,
                hex: `#${d.hex.toString(16).padStart(6, '0')}`,
              },
            },
          },
        };
        expect(readPiece(parted(piece).piece).ok).toBe(true);
        const plan = planPiece(piece, answersFor(piece));
        for (const working of plan.workings)
          expect(Number.isFinite(working.value), working.id).toBe(true);
        for (const snag of plan.snags) expect(snagSentence(snag)).toMatch(/\.$/);
        for (const region of plan.mass!.regions) {
          expect(region.clay.value).toBeGreaterThanOrEqual(0);
          expect(region.coreVolume.value).toBeGreaterThanOrEqual(0);
        }
      }),
      { seed: 2026, numRuns: tries(12, 40) },
    );
  });
});
