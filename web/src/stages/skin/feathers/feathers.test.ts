// @vitest-environment happy-dom
import { demoWorkpieces, inWorkshop, newPiece, newWorkshop } from '@keen-sinew/core';
import { describe, expect, it } from 'vitest';
import { press, typeInto } from '../../../testing/hands.ts';
import { mountWithPiece } from '../../../testing/mountWithPiece.ts';
import { withGrown, withWay } from './featherChanges.ts';
import FeathersStage from './FeathersStage.vue';

const demo = (id: string) => demoWorkpieces().find((piece) => piece.id === id)!;
const heron = demo('heron-at-the-sluice');

describe('the room of feathers', () => {
  it('shows every feather with its length, and takes counts and what has grown', async () => {
    const { wrapper, piece } = mountWithPiece(FeathersStage, heron);
    expect(wrapper.findAll('td').filter((cell) => /^[PSR]\d+$/.test(cell.text())).length).toBe(
      10 + 17 + 6,
    );
    await typeInto(wrapper, 'Each side, secondaries', '19');
    expect(piece().skin.feathers.rows['secondaries']).toMatchObject({ many: 19, way: 'pressed' });
    await typeInto(wrapper, 'P3 left: how much of it has grown', '0');
    expect(piece().skin.feathers.grown).toEqual({ 'L.P3': 0 });
    await typeInto(wrapper, 'P3 left: how much of it has grown', '100');
    expect(piece().skin.feathers.grown).toEqual({});
    await press(wrapper, 'Add a sheet');
    expect(piece().skin.feathers.sheets).toHaveLength(2);
  });

  it('says so where an animal has none', () => {
    const { wrapper } = mountWithPiece(FeathersStage, demo('otter-on-the-log'));
    expect(wrapper.text()).toContain('This animal has no large feathers');
  });
});

describe('one feather', () => {
  it('is shaped by typing, by keys and by pulling its edge, alone or with its row, and taken back', async () => {
    const { wrapper, piece } = mountWithPiece(FeathersStage, heron);
    const shapes = () => piece().skin.feathers.shapes;
    await press(wrapper, 'One feather');
    const field = () => wrapper.find('input[aria-label="Leading vane, place 2"]');
    const was = Number.parseFloat((field().element as HTMLInputElement).value);
    await typeInto(wrapper, 'Leading vane, place 2', String(2 * was));
    expect(shapes()['P1']!.before[1]).toBeCloseTo(2, 1);
    expect(shapes()['P1']!.behind).toEqual([1, 1, 1, 1, 1, 1]);
    const edge = wrapper.find('[data-vane="behind.3"]');
    await edge.trigger('keydown', { key: 'ArrowUp' });
    expect(shapes()['P1']!.behind[2]).toBeCloseTo(1.05, 6);
    await edge.trigger('keydown', { key: 'a' });
    expect(shapes()['P1']!.behind[2]).toBeCloseTo(1.05, 6);
    await press(wrapper, 'As it comes');
    expect(shapes()).toEqual({});
    await press(wrapper, 'All primaries');
    await edge.trigger('keydown', { key: 'ArrowDown' });
    expect(Object.keys(shapes())).toEqual(['primaries']);
    expect(shapes()['primaries']!.behind[2]).toBeCloseTo(0.95, 6);
  });

  it('wider than a vane may be is refused with what is allowed', async () => {
    const { wrapper, piece } = mountWithPiece(FeathersStage, heron);
    await press(wrapper, 'One feather');
    await typeInto(wrapper, 'Trailing vane, place 1', '900');
    expect(piece().skin.feathers.shapes).toEqual({});
    expect(wrapper.text()).toMatch(/Trailing vane, place 1.*900/);
  });

  it('has its barbs as close as one sets them', async () => {
    const { wrapper, piece } = mountWithPiece(FeathersStage, heron);
    await typeInto(wrapper, 'From barb to barb, 0 for none', '0');
    expect(piece().skin.feathers.barbMm).toBe(0);
    expect(wrapper.find('[data-working="skin.feathers.primaries.barb"]').exists()).toBe(false);
    await press(wrapper, 'usual');
    expect(piece().skin.feathers.barbMm).toBeNull();
  });
});

describe('a row that is cut from sheet', () => {
  it('leaves its zone smooth until no row of it is cut any more', () => {
    const one = withWay(heron, 'primaries', 'flight', 'cut', ['secondaries']);
    expect(one.skin.zones['flight']).toMatchObject({ method: 'smooth' });
    const two = withWay(one, 'secondaries', 'flight', 'cut', ['primaries']);
    const back = withWay(two, 'primaries', 'flight', 'pressed', ['secondaries']);
    expect(back.skin.zones['flight']).toMatchObject({ method: 'smooth' });
    const none = withWay(back, 'secondaries', 'flight', 'leaves', ['primaries']);
    expect(none.skin.zones).toEqual(heron.skin.zones);
  });

  it('a feather wholly grown needs no word', () => {
    const half = withGrown(heron, 'R.R6', 0.5);
    expect(half.skin.feathers.grown).toEqual({ 'R.R6': 0.5 });
    expect(withGrown(half, 'R.R6', 1).skin.feathers.grown).toEqual({});
  });
});

describe('thin wings', () => {
  it('are made in another way, thicker, and over a wire of one’s own', async () => {
    const dragonfly = inWorkshop(newPiece('flier', 'Flier', 'emperor-dragonfly'), newWorkshop());
    const { wrapper, piece } = mountWithPiece(FeathersStage, dragonfly);
    expect(wrapper.text()).toContain('Forewing, its wire');
    await typeInto(wrapper, 'Thickness of your own, forewing', '1.6');
    await typeInto(wrapper, 'Wire along its edge, forewing', '0.8');
    expect(piece().skin.feathers.blades).toEqual({
      forewing: { way: 'clay', thickMm: 1.6, wireMm: 0.8 },
    });
    await press(wrapper, 'Pressed on');
    expect(piece().skin.feathers.blades['forewing']).toMatchObject({ way: 'pressed' });
    expect(wrapper.text()).not.toContain('Forewing, its wire');
  });
});
