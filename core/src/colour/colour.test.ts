import { converter, formatHex } from 'culori';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { changed, otterPiece, wholePlan } from '../testing/samples.ts';
import { hexToOklch, oklchToHex, rgbToOklab, oklabToRgb } from './oklab.ts';
import { LAYERS, layerHex } from './paintLayers.ts';
import { hexToRgb, rgbToHex, toEncoded, toLinear } from './srgb.ts';

const hex = fc.integer({ min: 0, max: 0xffffff }).map((n) => `#${n.toString(16).padStart(6, '0')}`);
const oklchOf = converter('oklch');

describe('colours', () => {
  // culori 4.0.2 is an independent implementation of B. Ottosson’s OKLab.
  it('agree with a reference library in OKLCh, and survive the way there and back', () => {
    fc.assert(
      fc.property(hex, (code) => {
        const [l, c, h] = hexToOklch(code)!;
        const theirs = oklchOf(code)!;
        expect(l).toBeCloseTo(theirs.l, 6);
        expect(c).toBeCloseTo(theirs.c, 6);
        if (c > 0.01) expect(h).toBeCloseTo(theirs.h!, 3);
        expect(oklchToHex([l, c, h])).toBe(code);
      }),
      { seed: 3, numRuns: 300 },
    );
  });

  it('come back from OKLab to the last bit that shows', () => {
    const rgb = hexToRgb('#a58a6c')!;
    const back = oklabToRgb(rgbToOklab(rgb));
    back.forEach((v, i) => expect(v).toBeCloseTo(rgb[i]!, 9));
    for (const v of [0, 0.001, 0.2, 1]) expect(toLinear(toEncoded(v))).toBeCloseTo(v, 9);
  });

  it('are drawn in where no screen shows them, lightness and hue kept', () => {
    const code = oklchToHex([0.6, 0.5, 30]);
    const [l, c, h] = hexToOklch(code)!;
    expect(l).toBeCloseTo(0.6, 2);
    expect(c).toBeLessThan(0.3);
    expect(h).toBeCloseTo(30, 0);
    expect(formatHex(code)).toBe(code);
  });

  it('are no colours where the text is none', () => {
    expect(hexToRgb('brown')).toBeUndefined();
    expect(hexToOklch('#12345')).toBeUndefined();
    expect(rgbToHex([2, -1, 0.5])).toMatch(/^#ff00/);
  });
});

describe('layers', () => {
  it('run from hollows to tips by even steps of lightness, hue kept', () => {
    const lightness = (id: string): number =>
      hexToOklch(
        layerHex(
          '#8a6a4c',
          LAYERS.find((rule) => rule.id === id)!,
          0.08,
        ),
      )![0];
    const base = hexToOklch('#8a6a4c')![0];
    expect(lightness('base')).toBeCloseTo(base, 2);
    expect(lightness('hollows')).toBeCloseTo(base - 0.12, 2);
    expect(lightness('ridge-1')).toBeCloseTo(base + 0.08, 2);
    expect(lightness('ridge-2')).toBeCloseTo(base + 0.16, 2);
  });

  it('stay colours at the ends of the scale', () => {
    for (const target of ['#000000', '#ffffff'])
      for (const rule of LAYERS) expect(layerHex(target, rule, 0.2)).toMatch(/^#[0-9a-f]{6}$/);
  });
});

describe('the paint', () => {
  const { colour, mass } = wholePlan(otterPiece());

  it('covers zones that make up the whole skin', () => {
    const zones = colour!.zones.reduce((sum, zone) => sum + zone.area.value, 0);
    expect(zones).toBeCloseTo(mass!.area.value, 6);
  });

  it('doubles with the base coats, and keeps the others', () => {
    const four = wholePlan(changed(otterPiece(), 'colour', { baseCoats: 4 })).colour!;
    const ml = (plan: typeof four, layer: number) => plan.zones[0]!.layers[layer]!.ml.value;
    expect(ml(four, 0) / ml(colour!, 0)).toBeCloseTo(2, 9);
    expect(ml(four, 1)).toBeCloseTo(ml(colour!, 1), 9);
  });

  it('takes the user’s colour and sheen for a zone', () => {
    const own = wholePlan(
      changed(otterPiece(), 'colour', { zones: { back: { hex: '#112233', sheen: 'matt' } } }),
    ).colour!;
    const back = own.zones.find((zoneColour) => zoneColour.zone.id === 'back')!;
    expect(back).toMatchObject({ hex: '#112233', own: true, sheen: 'matt' });
    expect(own.varnishes.map((varnish) => varnish.sheen)).toContain('matt');
    expect(colour!.varnishes.map((varnish) => varnish.sheen)).not.toContain('matt');
  });
});
