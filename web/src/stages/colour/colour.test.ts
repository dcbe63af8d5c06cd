// @vitest-environment happy-dom
import { demoWorkpieces, type Workpiece } from '@keen-sinew/core';
import { describe, expect, it } from 'vitest';
import { press, typeInto } from '../../testing/hands.ts';
import { mountWithPiece } from '../../testing/mountWithPiece.ts';
import LayerChoices from './LayerChoices.vue';
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
    expect(piece().colour.zones['feet']).toEqual({ hex: '#4a3b30', sheen: null });
    wrapper.findComponent(ColourField).vm.$emit('set', '#112233');
    await wrapper.vm.$nextTick();
    expect(piece().colour.zones['feet']?.hex).toBe('#112233');
    await press(wrapper, 'Matt');
    expect(piece().colour.zones['feet']).toEqual({ hex: '#112233', sheen: 'matt' });
    await press(wrapper, 'library’s');
    expect(piece().colour.zones['feet']).toEqual({ hex: null, sheen: 'matt' });
  });

  it('says what a colour is where the text is none', async () => {
    const { wrapper, labels } = mounted();
    await typeInto(wrapper, 'Colour of Flanks and thighs', 'brown');
    expect(wrapper.find('[role=alert]').text()).toContain('allowed is six digits such as #6d6558');
    expect(labels).toEqual([]);
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
