import { describe, expect, it } from 'vitest';
import { otterPiece, wholePlan } from '../testing/samples.ts';
import { paletteGpl, pieceColours, readPalette, recipesCsv } from './palette.ts';
import { layerCards, layersOf, paintedForm, zoneAfter } from '../sheets/colour/painted.ts';

const plan = wholePlan(otterPiece());
const colour = plan.colour!;

describe('a palette', () => {
  it('goes out and comes back with its names and colours', () => {
    const colours = pieceColours(colour);
    const read = readPalette(paletteGpl('Otter\non the log', colours));
    expect(read).toEqual({ ok: true, value: colours });
  });

  it('is refused in a sentence where it is none, a line is no colour, or it is empty', () => {
    for (const [text, named] of [
      ['Palette', 'Palette'],
      ['GIMP Palette\n300 0 0 Red', '300 0 0 Red'],
      ['GIMP Palette\nred', 'red'],
      ['GIMP Palette\n# nothing', '0'],
    ] as const) {
      const read = readPalette(text);
      expect(read.ok).toBe(false);
      expect(JSON.stringify(read)).toContain(named);
    }
  });
});

describe('recipes as a table', () => {
  it('have a row for each layer, with the amounts of the plan', () => {
    const rows = recipesCsv(colour).trim().split('\r\n');
    const all = colour.zones.flatMap(({ layers }) => layers);
    expect(rows).toHaveLength(1 + all.length);
    expect(rows[1]).toContain(all[0]!.ml.value.toFixed(3).replace(/0+$/u, ''));
  });
});

describe('the painted form', () => {
  it('begins on its ground and ends with its last layer, zone by zone', () => {
    const layers = layersOf(plan);
    const [zone] = colour.zones;
    expect(zoneAfter(zone!, []).mean).toBe(zone!.groundHex);
    const last = zone!.layers.at(-1)!.look!;
    expect(
      zoneAfter(
        zone!,
        layers.map(({ id }) => id),
      ).mean,
    ).toBe(last.mean);
    expect(layerCards(plan)).toHaveLength(layers.length + 1);
  });

  it('fills each zone with what it looks like by then', () => {
    const drawing = paintedForm(plan, 'side', 2)!;
    const two = layersOf(plan)
      .slice(0, 2)
      .map(({ id }) => id);
    for (const item of drawing.items) {
      if (item.kind !== 'fill' || item.target?.kind !== 'zone') continue;
      const { id } = item.target;
      const zone = colour.zones.find((of) => of.zone.id === id)!;
      expect(item.hex).toBe(zoneAfter(zone, two).mean);
    }
  });
});
