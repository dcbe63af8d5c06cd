// @vitest-environment happy-dom
import {
  demoWorkpieces,
  differenceWords,
  layersOf,
  NEW_ZONE_COLOUR,
  recipeWords,
  type Workpiece,
} from '@keen-sinew/core';
import { describe, expect, it } from 'vitest';
import { choose, press, typeInto } from '../../testing/hands.ts';
import { mountWithPiece } from '../../testing/mountWithPiece.ts';
import LayerChoices from './LayerChoices.vue';
import RecipeCard from './RecipeCard.vue';
import TubeTable from './TubeTable.vue';
import ZoneColours from './ZoneColours.vue';
import ColourField from '../../kit/ColourField.vue';

const [otter] = demoWorkpieces() as [Workpiece];
const mounted = () => mountWithPiece(ZoneColours, otter, (plan) => ({ colour: plan.colour! }));

describe('ZoneColours', () => {
  it('shows the layers of the chosen zone with colour, lightness and paint', async () => {
    const { wrapper, plan } = mounted();
    await press(wrapper, 'Belly');
    const belly = plan().colour!.zones.find((zone) => zone.zone.id === 'belly')!;
    for (const layer of belly.layers) {
      expect(wrapper.text()).toContain(layer.hex);
      expect(wrapper.find(`[data-working="${layer.ml.id}"]`).text()).toContain(
        layer.ml.value.toFixed(2),
      );
    }
  });

  it('takes a typed colour, a picked one and a sheen, and gives the library’s back', async () => {
    const { wrapper, piece } = mounted();
    await press(wrapper, 'Feet');
    await typeInto(wrapper, 'Colour of Feet', '4A3B30');
    expect(piece().colour.zones['feet']).toEqual({ ...NEW_ZONE_COLOUR, hex: '#4a3b30' });
    wrapper.findComponent(ColourField).vm.$emit('set', '#112233');
    await wrapper.vm.$nextTick();
    expect(piece().colour.zones['feet']?.hex).toBe('#112233');
    await press(wrapper, 'Matt');
    expect(piece().colour.zones['feet']).toEqual({
      ...NEW_ZONE_COLOUR,
      ...{ hex: '#112233', sheen: 'matt' },
    });
    await press(wrapper, 'library’s');
    expect(piece().colour.zones['feet']).toEqual({ ...NEW_ZONE_COLOUR, sheen: 'matt' });
  });

  it('gives details their own colour and one layer, and shows mixes from shade to light', async () => {
    const { wrapper, piece, plan } = mounted();
    await press(wrapper, 'Claws');
    const claws = plan().colour!.zones.find(({ zone }) => zone.id === '@claws')!;
    expect(claws.layers.map(({ rule }) => rule.id)).toEqual(['details']);
    expect(wrapper.find(`[data-working="${claws.area.id}"]`).exists()).toBe(true);
    await typeInto(wrapper, 'Colour of Claws', '2a2018');
    expect(piece().colour.zones['@claws']?.hex).toBe('#2a2018');
    await press(wrapper, 'Belly');
    const belly = plan().colour!.zones.find(({ zone }) => zone.id === 'belly')!;
    expect(wrapper.findAll('.ladder i')).toHaveLength(belly.ladder.length);
    expect(belly.ladder.length).toBeGreaterThan(2);
  });

  it('puts a layer besides those of its way, and takes it away', async () => {
    const { wrapper, piece } = mounted();
    await press(wrapper, 'Belly');
    const box = () => wrapper.findAll('.extras [role=checkbox]').at(0)!;
    await box().trigger('click');
    expect(piece().colour.zones['belly']!.extras).toEqual(['stipple']);
    await box().trigger('click');
    expect(piece().colour.zones['belly']!.extras).toEqual([]);
  });

  it('says what a colour is where the text is none', async () => {
    const { wrapper, labels } = mounted();
    await typeInto(wrapper, 'Colour of Flanks and thighs', 'brown');
    expect(wrapper.find('[role=alert]').text()).toContain('allowed is six digits such as #6d6558');
    expect(labels).toEqual([]);
  });
});

describe('RecipeLine and TubeTable', () => {
  it('say what to mix for each layer, how near it is, and the second best', async () => {
    const { wrapper, plan } = mounted();
    await press(wrapper, 'Belly');
    const colour = plan().colour!;
    const belly = colour.zones.find((zone) => zone.zone.id === 'belly')!;
    for (const { recipe } of belly.layers) {
      expect(wrapper.text()).toContain(recipeWords(recipe!.best, colour));
      expect(wrapper.text()).toContain(differenceWords(recipe!.best.difference));
    }
    expect(wrapper.text()).toContain('Second best');
  });

  it('keep a tube, take one from the shelf, and tell what is short', async () => {
    const { wrapper, piece, plan } = mountWithPiece(TubeTable, otter, (of) => ({
      colour: of.colour!,
    }));
    const [first] = plan().colour!.tubes!;
    expect(wrapper.find(`[data-working="${first!.needed.id}"]`).exists()).toBe(true);
    await press(wrapper, `Keep: ${first!.tube.name}`);
    expect(piece().colour.fixed).toEqual([first!.tube.id]);
    const used = plan().colour!.tubes!.map(({ tube }) => tube.id);
    const other = piece().atHand.paints.find(({ id }) => !used.includes(id))!;
    await press(wrapper, other.name);
    expect(piece().colour.fixed).toEqual([first!.tube.id, other.id]);
  });

  it('show every zone’s mixes side by side', () => {
    const { wrapper, plan } = mountWithPiece(RecipeCard, otter, (of) => ({
      colour: of.colour!,
      layers: layersOf(of),
    }));
    const all = plan().colour!.zones.flatMap(({ layers }) => layers);
    expect(wrapper.findAll('tbody i')).toHaveLength(all.length);
  });
});

describe('the way to colour', () => {
  it('is chosen for the piece and for a zone', async () => {
    const { wrapper, piece } = mountWithPiece(LayerChoices, otter);
    await choose(wrapper, 'Way to colour', 'pastel');
    expect(piece().colour.school).toBe('pastel');
    const zones = mounted();
    await press(zones.wrapper, 'Feet');
    await choose(zones.wrapper, 'Way to colour of Feet', 'over-clay');
    expect(zones.piece().colour.zones['feet']!.school).toBe('over-clay');
  });
});

describe('LayerChoices', () => {
  it('sets primer, contrast and coats within their limits', async () => {
    const { wrapper, piece } = mountWithPiece(LayerChoices, otter);
    await press(wrapper, 'White primer');
    await typeInto(wrapper, 'One step of lightness', '0.1');
    await typeInto(wrapper, 'Base coats', '3');
    expect(piece().colour).toMatchObject({ primer: 'white', step: 0.1, baseCoats: 3 });
    await typeInto(wrapper, 'One step of lightness', '2');
    expect(wrapper.find('[role=alert]').text()).toContain('from 0.02 to 0.2');
  });
});
