import { describe, expect, it } from 'vitest';
import type { Workpiece } from '../workshop/workpiece.ts';
import { changed, otterPiece, wholePlan } from '../testing/samples.ts';
import { oneTermTimeS, slabMiddle, type HeatMaterial } from './oneTermHeat.ts';

/**
 * The heat equation's own solutions beside what a plan tells: H. S. Carslaw & J. C. Jaeger, Conduction of Heat in Solids,
 * 1959, ch. 3 (slabs, also with a well-stirred body behind one face); F. P. Incropera & D. P. DeWitt, ch. 5.
 */
const hollow = (): Workpiece => {
  const of = otterPiece();
  return changed(of, 'mass', {
    shells: { ...of.mass.shells, trunk: { core: 'hollow', shellMm: 6 } },
  });
};
const warmed = (piece: Workpiece, id: string) => {
  const { request, heat } = wholePlan(piece, true).cure;
  const asked = request!.cases.find((of) => of.id === id)!;
  return { asked, reachMin: heat.find(({ result }) => result.caseId === id)!.result.reachMin! };
};
const remaining = ({ ovenC, targetC }: { ovenC: number; targetC: number }): number =>
  (ovenC - targetC) / (ovenC - 20);

/** Bisects a falling function for a value. */
function rootOf(f: (t: number) => number, low: number, high: number): number {
  let [a, b] = [low, high];
  for (let i = 0; i < 80; i++) {
    const mid = (a + b) / 2;
    if (f(mid) > 0) a = mid;
    else b = mid;
  }
  return (a + b) / 2;
}

/** Seconds until the face of a slab on a body that holds γ times the slab’s own heat is so far: first eigenvalue and its share. */
function onCoreTimeS(of: HeatMaterial, lengthM: number, gamma: number, left: number): number {
  const biot = (of.film * lengthM) / of.conductivity;
  const z = rootOf(
    (x) =>
      biot * (Math.cos(x) - gamma * x * Math.sin(x)) - x * (Math.sin(x) + gamma * x * Math.cos(x)),
    1e-6,
    Math.PI / 2,
  );
  const shape = (x: number): number => Math.cos(z * x) - gamma * z * Math.sin(z * x);
  const steps = 2000;
  const mean = (f: (x: number) => number): number =>
    Array.from({ length: steps }, (_, i) => f((i + 0.5) / steps)).reduce((a, b) => a + b, 0) /
    steps;
  const share = (mean(shape) + gamma) / (mean((x) => shape(x) ** 2) + gamma);
  const alpha = of.conductivity / (of.densityKgM3 * of.specificHeat);
  return (Math.log(share / left) / z ** 2) * (lengthM ** 2 / alpha);
}

describe('the times of a plan', () => {
  it('of thick solid clay are those of a cylinder', () => {
    const { asked, reachMin } = warmed(otterPiece(), 'solid');
    const exact = oneTermTimeS('cylinder', asked.typical, asked.body.thicknessM, remaining(asked));
    expect(reachMin / (exact / 60)).toBeCloseTo(1, 2);
  });

  it('of a small part are those of a ball', () => {
    const eyes = changed(otterPiece(), 'fittings', {
      made: { eyes: { material: 'clay', spare: 2 } },
    });
    const { asked, reachMin } = warmed(eyes, 'parts.parts');
    expect(asked.body.shape).toBe('sphere');
    const exact = oneTermTimeS('sphere', asked.typical, asked.body.thicknessM, remaining(asked));
    expect(reachMin / (exact / 60)).toBeCloseTo(1, 2);
  });

  it('of a shell on a hollow are those of a slab warmed on one face', () => {
    const { asked, reachMin } = warmed(hollow(), 'shell-insulating');
    const { typical, body } = asked;
    const exact = rootOf(
      (t) => slabMiddle(typical, body.thicknessM, t) - remaining(asked),
      1,
      40_000,
    );
    expect(body.coreJPerM2K).toBe(0);
    expect(reachMin / (exact / 60)).toBeCloseTo(1, 2);
  });

  it('of a shell on packed foil are those of a slab with a well-stirred body behind it', () => {
    const { asked, reachMin } = warmed(otterPiece(), 'shell-holding');
    const { typical, body } = asked;
    const own = typical.densityKgM3 * typical.specificHeat * body.thicknessM;
    const exact = onCoreTimeS(typical, body.thicknessM, body.coreJPerM2K / own, remaining(asked));
    expect(body.coreJPerM2K).toBeGreaterThan(0);
    expect(reachMin / (exact / 60)).toBeCloseTo(1, 2);
  });
});
