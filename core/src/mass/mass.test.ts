import { usualZone } from '../piece/skinSchema.ts';
import { everySnag } from '../piece/snagGroups.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import { describe, expect, it } from 'vitest';
import { ORIGIN } from '../geometry/vec3.ts';
import { snagSentence } from '../piece/snag.ts';
import { planPiece } from '../plan.ts';
import {
  changed,
  coarseBody,
  otterPiece,
  plainPiece,
  wholePlan,
  wolfPiece,
  answersFor,
} from '../testing/samples.ts';
import { foilWorkings } from './foil.ts';
import { clayFigures } from './clayFigures.ts';
import { shareWords } from './condition.ts';

const massOf = (piece: Workpiece) => wholePlan(piece).mass!;
const allSolid = (piece: Workpiece): Workpiece =>
  changed(piece, 'mass', {
    shells: Object.fromEntries(
      massOf(piece).regions.map((regionMass) => [
        regionMass.region.id,
        { core: 'solid', shellMm: 5 },
      ]),
    ),
  });

describe('clay and core', () => {
  it.each([
    ['otter', otterPiece()],
    ['wolf', wolfPiece()],
  ] as const)('of the %s fill the whole model', (_, piece) => {
    const mass = massOf(piece);
    const filled = mass.regions.reduce(
      (sum, region) => sum + region.clay.value + region.coreVolume.value,
      0,
    );
    expect(filled / mass.volume.value).toBeCloseTo(1, 2);
  });

  it('are all clay where every region is solid', () => {
    const mass = massOf(allSolid(otterPiece()));
    expect(mass.foil.grams.value).toBe(0);
    expect(mass.clayVolume.value / mass.volume.value).toBeCloseTo(1, 2);
    expect(mass.sheets).toEqual([]);
  });

  it('move from core to clay as the shell grows', () => {
    const clay = [2, 4, 6, 8].map(
      (shellMm) => massOf(changed(plainPiece(), 'mass', { shellMm })).clayVolume.value,
    );
    expect(clay).toEqual([...clay].sort((a, b) => a - b));
    expect(new Set(clay).size).toBe(4);
  });

  it('shrink with the cube of the scale where all is solid', () => {
    const at = (lifePerModel: number): number =>
      massOf(changed(allSolid(plainPiece()), 'measure', { scale: { by: 'ratio', lifePerModel } }))
        .clayVolume.value;
    expect(at(3) / at(6)).toBeCloseTo(8, 6);
  });

  it('leave room for fibre that is stuck on', () => {
    const fibre = changed(plainPiece(), 'skin', {
      zones: { flanks: usualZone('fibre') },
    });
    const [with_, without] = [massOf(fibre), massOf(plainPiece())];
    const trunk = (mass: typeof with_) =>
      mass.regions.find((regionMass) => regionMass.region.id === 'trunk')!;
    expect(trunk(with_).undersizeMm).toBeGreaterThan(0.3);
    const whole = (mass: typeof with_) => trunk(mass).clay.value + trunk(mass).coreVolume.value;
    expect(whole(with_)).toBeLessThan(whole(without));
  });
});

describe('what to have ready', () => {
  it('is grams by the user’s own weighing, and whole packets of the label', () => {
    const { mass } = otterPiece();
    const figures = clayFigures(mass.clay);
    // 70 g in a block of 40 × 50 × 20 mm.
    expect(figures.density).toMatchObject({ value: 1.75, provenance: 'measured' });
    const plan = massOf(otterPiece());
    const parts = plan.stages.find(({ id }) => id === 'mass.clay.parts')!.value;
    expect(parts).toBeGreaterThan(0);
    expect(plan.clayGrams.value).toBeCloseTo(plan.clayVolume.value * 1.75 * 1.15 + parts, 9);
    expect(plan.batches[0]!.packets.value).toBe(Math.ceil(plan.clayGrams.value / 350));
  });

  it('takes the class’s density and says that it is from memory where nothing was weighed', () => {
    const { clay } = plainPiece().mass;
    expect(clayFigures(clay).density).toMatchObject({ value: 1.75, provenance: 'memory' });
  });

  // A metre of 0.015 mm foil, 300 mm wide, weighs 2.7 · 0.015 · 300 = 12.15 g (density of aluminium).
  it('counts foil by the metre from its weight', () => {
    const region = (core: 'foil' | 'hollow') => ({
      region: { id: core, name: core, bones: [], core: 'foil' as const },
      clayMm4: ORIGIN,
      coreMm4: ORIGIN,
      core,
      shellMm: 5,
      skinMm: 0,
      skinMm3: 0,
      areaMm2: 0,
      clayMm3: 0,
      coreMm3: 121_500,
      undersizeMm: 0,
    });
    // A hollow ball takes no foil.
    const foil = foilWorkings([region('foil'), region('hollow')], {
      widthMm: 300,
      gaugeMm: 0.015,
      packedGPerMl: 1,
    });
    expect(foil.grams.value).toBeCloseTo(121.5, 9);
    expect(foil.metres.value).toBeCloseTo(10, 9);
  });

  it('rolls each thickness as one sheet, with paper to match', () => {
    const { sheets, regions } = massOf(otterPiece());
    // Shells of 5 and 3 mm, the first baked under a skin of 2 mm, the second under half of its own.
    expect(sheets.map((sheet) => sheet.shellMm)).toEqual([3, 1.5]);
    expect(sheets[0]!.papers.value).toBe(30);
    const clay = regions.filter((region) => region.core === 'foil' && region.shellMm === 5);
    const mm3 = clay.reduce((sum, { clayMm3, skinMm3 }) => sum + clayMm3 - skinMm3, 0);
    expect(sheets[0]!.area.value).toBeCloseTo(mm3 / 3 / 100, 9);
  });
});

describe('snags of Mass', () => {
  it('tell a shell that leaves no core, with one that would', () => {
    const thick = changed(otterPiece(), 'mass', { shellMm: 12 });
    const snag = everySnag(wholePlan(thick).snags).find(({ code }) => code === 'shell-over-limb');
    if (snag?.code !== 'shell-over-limb') throw new Error('no snag');
    expect(snag.grade).toBe('fix');
    const shells = Object.fromEntries(
      everySnag(wholePlan(thick).snags)
        .filter((snag) => snag.code === 'shell-over-limb')
        .map((snag) => [
          snag.target?.kind === 'region' ? snag.target.id : '',
          { core: 'foil', shellMm: Math.floor(10 * snag.facts.maxShellMm) / 10 },
        ]),
    ) as Workpiece['mass']['shells'];
    const mended = changed(thick, 'mass', { shells });
    expect(wholePlan(mended).snags.map((snag) => snag.code)).not.toContain('shell-over-limb');
  });

  it('tell a body that is too heavy or too light for its kind, and by how much its girth is off', () => {
    const lifeLengths = {
      thoracic: { mm: 480, provenance: 'own' as const, plusMinusMm: null, on: null },
    };
    const long = changed(otterPiece(), 'measure', { lifeLengths });
    const weight = wholePlan(long).mass!.lifeWeight;
    const heavy = planPiece(
      otterPiece(),
      answersFor(otterPiece(), {
        body: {
          ...coarseBody(otterPiece()),
          volumeMm3: 16e6,
        },
      }),
    ).snags.find((snag) => snag.code === 'body-weight-off');
    expect(weight.value).toBeGreaterThan(wholePlan(otterPiece()).mass!.lifeWeight.value);
    if (heavy?.code !== 'body-weight-off') throw new Error('no snag');
    // Mass goes with the square of the girth: 16 kg to 12 kg is √(12/16) − 1 = −13.4 %.
    expect(heavy.facts.girthPercent).toBeCloseTo(-13.397, 2);
    expect(snagSentence(heavy)).toContain('would weigh 16.0 kg');
  });

  it('are none for the demonstration', () => {
    for (const piece of [otterPiece(), wolfPiece()]) {
      const own = wholePlan(piece).snags.filter((snag) => snag.stage === 'mass');
      expect(own).toEqual([]);
    }
  });
});

describe('the weight of the parts', () => {
  it('sums to the whole, and lies in the usual shares of a four-footed mammal where known', () => {
    for (const piece of [otterPiece(), wolfPiece()]) {
      const { parts, lifeWeight } = massOf(piece);
      const sum = parts.reduce((total, part) => total + part.value, 0);
      expect(sum / lifeWeight.value).toBeCloseTo(1, 6);
      for (const part of parts.filter(({ range }) => range !== undefined)) {
        expect(part.value, part.label).toBeGreaterThan(part.range![0]);
        expect(part.value, part.label).toBeLessThan(part.range![1]);
      }
    }
  });
});

describe('the condition of the animal in plain words', () => {
  const fatter = (piece: Workpiece, mm: number): Workpiece =>
    changed(piece, 'measure', {
      shape: { ...piece.measure.shape, fatMm: { trunk: mm, neck: mm } },
    });

  it('is usual for the library’s wolf, heavy and lean with fat put on and taken off', () => {
    const say = (mm: number): string => massOf(fatter(wolfPiece(), mm)).condition.sentence;
    expect(say(0)).toBe('An animal in usual condition.');
    expect(say(25)).toMatch(/^(A heavy animal|Too heavy by)/);
    expect(say(50)).toMatch(/^Too heavy by a /);
    expect(say(-60)).toMatch(/^(A lean animal|Too light by)/);
  });

  it('names the place where a body differs most from the library’s', () => {
    const { condition } = massOf(fatter(wolfPiece(), 60));
    expect(condition.place!.percent).toBeGreaterThan(10);
    expect(condition.sentence).toContain(condition.place!.bone.toLowerCase());
    const snag = wholePlan(fatter(wolfPiece(), 90)).snags.find(
      ({ code }) => code === 'body-weight-off',
    )!;
    expect(snagSentence(snag, 'metric')).toMatch(/It will look fat.*first at the/);
  });

  it('names a place that is larger or smaller also where the weight is usual', () => {
    const percent = (mm: number): number => {
      const { condition, lifeWeight } = massOf(fatter(wolfPiece(), mm));
      const [low, high] = lifeWeight.range!;
      expect(lifeWeight.value).toBeGreaterThan(low);
      expect(lifeWeight.value).toBeLessThan(high);
      expect(condition.sentence).toContain(mm > 0 ? 'larger round' : 'smaller round');
      return condition.place!.percent;
    };
    expect(percent(8)).toBeGreaterThan(3);
    expect(percent(-8)).toBeLessThan(-3);
  });

  it('says shares as people do', () => {
    expect([0.03, 0.11, 0.2, 0.34, 0.52, 0.9].map(shareWords)).toEqual([
      'a little',
      'a tenth',
      'a fifth',
      'a third',
      'a half',
      '90 %',
    ]);
  });
});

describe('what is read off the posed shape', () => {
  const hollow = changed(plainPiece(), 'mass', {
    shells: { trunk: { core: 'hollow', shellMm: 5 }, 'upper-limbs': { core: 'solid', shellMm: 5 } },
  });
  const plan = wholePlan(hollow, true);

  it('is left out while it answers an older question', () => {
    const other = changed(hollow, 'mass', { shellMm: 4 });
    const answers = answersFor(hollow, { shape: plan.mass!.shape!.shape });
    expect(planPiece(other, answers).mass!.shape).toBeNull();
    expect(planPiece(hollow, answers).mass!.shape).not.toBeNull();
  });

  it('tells a trapped hollow and clay that is too thick, with their remedies', () => {
    const told = (code: string): string =>
      snagSentence(
        plan.snags.find((snag) => snag.code === code)!,
        'metric',
      );
    expect(told('trapped-hollow')).toMatch(/Trunk: at the .* ml of air .* pierce a vent/);
    expect(told('clay-too-thick')).toMatch(/: at the .* the clay is .* mm thick, over 12.0 mm/);
  });

  it('numbers cards, muscles and pegs, each with a working of its own', () => {
    const { cards, muscles, pegs, workings } = plan.mass!.shape!;
    expect(cards.map(({ number }) => number)).toEqual(cards.map((_, i) => i + 1));
    expect(muscles.map(({ order }) => order)).toEqual([...muscles.keys()].map((i) => i + 1));
    const layers = muscles.map(({ layer }) => layer);
    expect(layers).toEqual([...layers].sort());
    const ids = new Set(workings.map(({ id }) => id));
    for (const { height } of pegs) expect(ids).toContain(height.id);
    for (const { girth } of cards) expect(ids).toContain(girth.id);
  });
});
