import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { done } from '../jobs/jobKinds.ts';
import { NEW_ZONE_COLOUR } from '../piece/colourSchema.ts';
import { planPiece } from '../plan.ts';
import { meshMeasures } from '../geometry/triangleMesh.ts';
import { changed, otterPiece, wholePlan, coarseSurface } from '../testing/samples.ts';
import {
  encodedRgb,
  hexToOklch,
  linearRgb,
  oklchToHex,
  rgbToXyz,
  xyzToRgb,
} from './colourSpaces.ts';
import { LAYERS_OF, layerHex } from './schools.ts';

const hex = fc.integer({ min: 0, max: 0xffffff }).map((n) => `#${n.toString(16).padStart(6, '0')}`);
describe('colours', () => {
  // Published with the definition of the space, to three places (B. Ottosson, 2020), for sRGB's own
  // primaries: from memory of the same tables, checked to 1e-3.
  it.each([
    ['#ffffff', 1, 0],
    ['#ff0000', 0.628, 0.258],
    ['#00ff00', 0.866, 0.295],
    ['#0000ff', 0.452, 0.313],
  ])('%s has its lightness and its chroma', (code, lightness, chroma) => {
    const [l, c] = hexToOklch(code)!;
    expect(l).toBeCloseTo(lightness, 3);
    expect(c).toBeCloseTo(chroma, 3);
  });

  it('survive the way there and back', () => {
    fc.assert(
      fc.property(hex, (code) => {
        expect(oklchToHex(hexToOklch(code)!)).toBe(code);
      }),
      { seed: 3, numRuns: 300 },
    );
  });

  it('are the same linear light, encoded and back, and through XYZ', () => {
    for (const v of [0, 0.001, 0.2, 1]) {
      expect(linearRgb(encodedRgb([v, v, v]))[0]).toBeCloseTo(v, 9);
      xyzToRgb(rgbToXyz([v, 0.3, 0.1])).forEach((back, i) =>
        expect(back).toBeCloseTo([v, 0.3, 0.1][i]!, 9),
      );
    }
  });

  it('are drawn in where no screen shows them, lightness and hue kept', () => {
    const [l, c, h] = hexToOklch(oklchToHex([0.6, 0.5, 30]))!;
    expect(l).toBeCloseTo(0.6, 2);
    expect(c).toBeLessThan(0.3);
    expect(h).toBeCloseTo(30, 0);
  });

  it('are no colours where the text is none', () => {
    for (const text of ['brown', '#12345', '#1234', 'ff0000', '#gg0000'])
      expect(hexToOklch(text)).toBeUndefined();
  });
});

describe('layers', () => {
  const lightness = (school: 'dark-up' | 'light-down', id: string): number =>
    hexToOklch(
      layerHex(
        '#8a6a4c',
        LAYERS_OF[school].find((rule) => rule.id === id)!,
        0.08,
      ),
    )![0];
  const base = hexToOklch('#8a6a4c')![0];

  it('begin dark and end light, or begin light and go dark into the hollows', () => {
    expect(lightness('dark-up', 'under')).toBeCloseTo(base - 0.16, 2);
    expect(lightness('dark-up', 'base')).toBeCloseTo(base, 2);
    expect(lightness('dark-up', 'ridge-2')).toBeCloseTo(base + 0.16, 2);
    expect(lightness('light-down', 'base')).toBeCloseTo(base + 0.064, 2);
    expect(lightness('light-down', 'hollows')).toBeCloseTo(base - 0.12, 2);
  });

  it('stay colours at the ends of the scale', () => {
    for (const target of ['#000000', '#ffffff'])
      for (const rule of Object.values(LAYERS_OF).flat())
        expect(layerHex(target, rule, 0.2)).toMatch(/^#[0-9a-f]{6}$/);
  });
});

describe('the paint', () => {
  const { colour, mass } = wholePlan(otterPiece());

  it('covers zones that make up the whole skin', () => {
    // Markings go over the paint of their zones.
    const coat = colour!.zones.filter(({ isDetail, isMarking }) => !isDetail && !isMarking);
    const zones = coat.reduce((sum, zone) => sum + zone.area.value, 0);
    const { mesh } = coarseSurface(otterPiece()).skin;
    expect(zones).toBeCloseTo(meshMeasures(mesh).area / 100, 3);
    // The same skin as Mass has it, of another grid.
    const { skin } = done(planPiece(otterPiece()).jobs.surface, false).value;
    expect(meshMeasures(skin.mesh).area / 100 / mass!.area.value).toBeCloseTo(1, 1);
  });

  it('doubles with the base coats, and keeps the others', () => {
    const [two, four] = [2, 4].map(
      (baseCoats) => wholePlan(changed(otterPiece(), 'colour', { baseCoats })).colour!,
    );
    const ml = (plan: typeof two, layer: number) => plan!.zones[0]!.layers[layer]!.ml.value;
    expect(ml(four, 0) / ml(two, 0)).toBeCloseTo(2, 9);
    expect(ml(four, 1)).toBeCloseTo(ml(two, 1), 9);
  });

  it('takes the user’s colour and sheen for a zone', () => {
    const own = wholePlan(
      changed(otterPiece(), 'colour', {
        zones: { back: { ...NEW_ZONE_COLOUR, hex: '#112233', sheen: 'matt' } },
      }),
    ).colour!;
    const back = own.zones.find((zoneColour) => zoneColour.zone.id === 'back')!;
    expect(back).toMatchObject({ hex: '#112233', own: true, sheen: 'matt' });
    expect(own.varnishes.map((varnish) => varnish.sheen)).toContain('matt');
    expect(colour!.varnishes.map((varnish) => varnish.sheen)).not.toContain('matt');
  });
});
