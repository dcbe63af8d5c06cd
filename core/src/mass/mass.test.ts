import { describe, expect, it } from 'vitest';
import type { Piece } from '../piece/pieceSchema.ts';
import { snagSentence } from '../piece/snag.ts';
import { planPiece } from '../plan.ts';
import {
  changed,
  coarseBody,
  otterPiece,
  plainPiece,
  wholePlan,
  wolfPiece,
} from '../testing/samples.ts';
import { foilWorkings } from './foil.ts';
import { clayFigures } from './clayFigures.ts';

const massOf = (piece: Piece) => wholePlan(piece).mass!;
const allSolid = (piece: Piece): Piece =>
  changed(piece, 'mass', {
    shells: Object.fromEntries(
      massOf(piece).regions.map((one) => [one.region.id, { core: 'solid', shellMm: 5 }]),
    ),
  });

describe('clay and core', () => {
  it.each([
    ['otter', otterPiece()],
    ['wolf', wolfPiece()],
  ] as const)('of the %s fill the whole model', (_, piece) => {
    const mass = massOf(piece);
    const filled = mass.regions.reduce(
      (sum, one) => sum + one.clay.value + one.coreVolume.value,
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
      zones: { flanks: { method: 'fibre', hairMm: null } },
    });
    const [with_, without] = [massOf(fibre), massOf(plainPiece())];
    const trunk = (mass: typeof with_) => mass.regions.find((one) => one.region.id === 'trunk')!;
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
    expect(plan.clayGrams.value).toBeCloseTo(plan.clayVolume.value * 1.75 * 1.15, 9);
    expect(plan.packets.value).toBe(Math.ceil(plan.clayGrams.value / 350));
  });

  it('takes the class’s density and says that it is from memory where nothing was weighed', () => {
    const { clay } = plainPiece().mass;
    expect(clayFigures(clay).density).toMatchObject({ value: 1.75, provenance: 'memory' });
  });

  // A metre of 0.015 mm foil, 300 mm wide, weighs 2.7 · 0.015 · 300 = 12.15 g (density of aluminium).
  it('counts foil by the metre from its weight', () => {
    const foil = foilWorkings([{ areaMm2: 0, clayMm3: 0, coreMm3: 121_500, undersizeMm: 0 }], {
      widthMm: 300,
      gaugeMm: 0.015,
      packedGPerMl: 1,
    });
    expect(foil.grams.value).toBeCloseTo(121.5, 9);
    expect(foil.metres.value).toBeCloseTo(10, 9);
  });

  it('rolls each thickness as one sheet, with paper to match', () => {
    const { sheets, regions } = massOf(otterPiece());
    expect(sheets.map((one) => one.shellMm)).toEqual([5, 3]);
    expect(sheets[0]!.papers.value).toBe(50);
    const clay = regions.filter((one) => one.core === 'foil' && one.shellMm === 5);
    const ml = clay.reduce((sum, one) => sum + one.clay.value, 0);
    expect(sheets[0]!.area.value).toBeCloseTo((ml * 1000) / 5 / 100, 9);
  });
});

describe('snags of Mass', () => {
  it('tell a shell that leaves no core, with one that would', () => {
    const thick = changed(otterPiece(), 'mass', { shellMm: 12 });
    const snag = wholePlan(thick).snags.find((one) => one.code === 'shell-over-limb');
    if (snag?.code !== 'shell-over-limb') throw new Error('no snag');
    expect(snag.grade).toBe('fix');
    const shells = Object.fromEntries(
      wholePlan(thick)
        .snags.filter((one) => one.code === 'shell-over-limb')
        .map((one) => [
          one.target!.id,
          { core: 'foil', shellMm: Math.floor(10 * one.facts.maxShellMm) / 10 },
        ]),
    ) as Piece['mass']['shells'];
    const mended = changed(thick, 'mass', { shells });
    expect(wholePlan(mended).snags.map((one) => one.code)).not.toContain('shell-over-limb');
  });

  it('tell a body that is too heavy or too light for its kind, and by how much its girth is off', () => {
    const lifeLengths = { thoracic: { mm: 480, provenance: 'own' as const } };
    const long = changed(otterPiece(), 'measure', { lifeLengths });
    const weight = wholePlan(long).mass!.lifeWeight;
    const heavy = planPiece(otterPiece(), {
      ...coarseBody(otterPiece()),
      volumeMm3: 16e6,
    }).snags.find((one) => one.code === 'body-weight-off');
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
