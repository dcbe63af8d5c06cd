// @vitest-environment happy-dom
import { demoWorkpieces, MOST_FOUND, type Plan } from '@keen-sinew/core';
import { mount } from '@vue/test-utils';
import { describe, expect, it } from 'vitest';
import { choose, press, typeInto } from '../../../testing/hands.ts';
import { mountWithPiece } from '../../../testing/mountWithPiece.ts';
import type { Loop, PaletteFound } from '../../../workers/palette.worker.ts';
import FoundColours from './FoundColours.vue';
import { heldZones, withFound, withFoundPart, withZoneHexes } from './foundChanges.ts';
import PaletteTable from './PaletteTable.vue';
import PictureMarks from './PictureMarks.vue';

const heron = demoWorkpieces().find(({ id }) => id === 'heron-at-the-sluice')!;
const slate = {
  ...{ name: 'Slate of the back', hex: '#6d7883', shade: '#434e5c', light: '#8f9aa3' },
  ...{ spread: 2.1, picture: 'Heron at dusk' },
};
const FOUND: PaletteFound = {
  ...{ pixels: 4000, burntPixels: 80, light: [1.1, 1, 0.9] },
  palette: [
    { hex: '#6d7883', pixels: 2352 },
    { hex: '#e1e0da', pixels: 1568 },
  ],
  area: {
    ...{ base: '#6d7883', shade: '#434e5c', light: '#8f9aa3', spread: 2.1 },
    ...{ baseL: 0.56, shadeL: 0.4, lightL: 0.66, shadeIs: 'bluer' },
  },
};

describe('what a picture shows', () => {
  it('is told with shares, shade and light, and what the light did; each can be kept', async () => {
    const kept: unknown[] = [];
    const { wrapper: table } = mountWithPiece(PaletteTable, heron, {
      ...{ found: FOUND, busy: false, many: 5, next: 3, picture: 'Heron at dusk' },
      onKeep: (of: unknown) => kept.push(of),
    });
    const told = (id: string): string => table.find(`[data-working="colour.picture.${id}"]`).text();
    expect(table.text()).toMatch(/60\s%/);
    expect(told('shade')).toContain('71');
    expect(told('spread')).toContain('2.1');
    expect(told('red')).toContain('1.10');
    expect(told('burnt')).toContain('2');
    expect(table.text()).toContain('Its shade is bluer');
    await press(table, 'Keep: #e1e0da');
    await press(table, 'Keep it with its shade and light');
    expect(kept).toEqual([
      {
        ...{ name: 'Colour 3', hex: '#e1e0da', picture: 'Heron at dusk' },
        ...{ shade: null, light: null, spread: null },
      },
      { ...slate, name: 'Colour 3' },
    ]);
  });

  it('cannot be kept for an area that is still looked at', () => {
    const shown = { found: FOUND, many: 5, next: 3, picture: 'Heron at dusk' };
    const lockedWhile = (busy: boolean): boolean =>
      mountWithPiece(PaletteTable, heron, { ...shown, busy })
        .wrapper.findAll('button')
        .find((button) => button.text() === 'Keep it with its shade and light')!
        .attributes('disabled') !== undefined;
    expect([lockedWhile(true), lockedWhile(false)]).toEqual([true, false]);
  });
});

describe('colours that were found', () => {
  it('are named, taken for a zone, and let go of; the zone keeps what it took', async () => {
    const { wrapper, piece, labels } = mountWithPiece(FoundColours, withFound(heron, slate));
    await typeInto(wrapper, 'Name of the colour', 'Slate');
    expect(piece().colour.found).toEqual([{ ...slate, id: 'found-1', name: 'Slate' }]);
    const taken = withZoneHexes(piece(), [['back', '#6d7883']]);
    expect(taken.colour.zones['back']).toMatchObject({ hex: '#6d7883', school: null });
    await press(wrapper, 'Let go: Slate');
    expect(piece().colour.found).toEqual([]);
    expect(labels.at(-1)).toBe('Let go of a found colour');
    expect(withFoundPart(taken, 'found-1', null).colour.zones).toEqual(taken.colour.zones);
  });

  it('are as many as the piece can keep, and the word before the zones is none', async () => {
    const full = Array.from({ length: MOST_FOUND + 3 }).reduce<typeof heron>(
      (p) => withFound(p, slate),
      heron,
    );
    expect(full.colour.found).toHaveLength(MOST_FOUND);
    const { wrapper, piece } = mountWithPiece(FoundColours, withFound(heron, slate));
    await choose(wrapper, `Take ${slate.name} for a zone`, '');
    expect(piece().colour.zones).toEqual(heron.colour.zones);
    await choose(wrapper, `Take ${slate.name} for a zone`, 'back');
    expect(piece().colour.zones['back']).toMatchObject({ hex: slate.hex });
  });

  it('of all zones are held to a few of themselves, and to no others', async () => {
    const { wrapper, piece, plan } = mountWithPiece(FoundColours, heron);
    const hexes = (of: Plan): readonly string[] =>
      of.colour!.zones.filter(({ isDetail }) => !isDetail).map(({ hex }) => hex);
    const before = new Set(hexes(plan()));
    await typeInto(wrapper, 'Hold all zones to', '3');
    await press(wrapper, 'Hold');
    const after = new Set(hexes(plan()));
    expect(after.size).toBe(3);
    for (const hex of after) expect(before.has(hex)).toBe(true);
    // Held already, nothing is left to change.
    expect(heldZones(plan(), 3)).toEqual([]);
    const kept = piece();
    await press(wrapper, 'Hold');
    expect(piece()).toBe(kept);
  });
});

describe('marks on a picture', () => {
  const marks = (mode: 'round' | 'card', round: Loop | null = null) =>
    mount(PictureMarks, { props: { src: '', alt: 'Heron', mode, round, card: null } });

  it('begin in the middle, are moved by arrows and sized by + and −', async () => {
    const first = marks('round');
    await first.find('svg').trigger('keydown', { key: 'Enter' });
    const [[square]] = first.emitted('round') as [[Loop]];
    expect(square[0]).toEqual([0.4, 0.4]);
    const placed = marks('round', square);
    await placed.find('svg').trigger('keydown', { key: 'ArrowRight' });
    await placed.find('svg').trigger('keydown', { key: '+' });
    await placed.find('svg').trigger('keydown', { key: 'q' });
    const [[moved], [sized]] = placed.emitted('round') as [[Loop], [Loop]];
    expect(moved[0]![0]).toBeCloseTo(0.41, 9);
    expect(sized[0]![0]).toBeCloseTo(0.39, 9);
    expect(placed.emitted('round')).toHaveLength(2);
    const card = marks('card');
    await card.find('svg').trigger('keydown', { key: 'Enter' });
    expect(card.emitted('card')).toHaveLength(1);
    expect(card.emitted('round')).toBeUndefined();
  });
});
