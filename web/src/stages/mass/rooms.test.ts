// @vitest-environment happy-dom
import { demoWorkpieces, formatQuantity, type Workpiece } from '@keen-sinew/core';
import { describe, expect, it } from 'vitest';
import { defineComponent, h } from 'vue';
import { press, slideTo, typeInto } from '../../testing/hands.ts';
import { mountWithPiece } from '../../testing/mountWithPiece.ts';
import CardTable from './CardTable.vue';
import FatTable from './FatTable.vue';
import MuscleTable from './MuscleTable.vue';
import PegTable from './PegTable.vue';
import ShapePart from './ShapePart.vue';
import { useShaping } from './useShaping.ts';
import WeightLedger from './WeightLedger.vue';

const [otter, wolf] = demoWorkpieces() as [Workpiece, Workpiece];

/** The shape editor as the stage mounts it: with a shaping of its own. */
const Editor = defineComponent({
  setup() {
    const shaping = useShaping();
    return () => h(ShapePart, { shaping });
  },
});

describe('ShapePart', () => {
  it('takes a part over, changes a section by its typed size, and gives the part back', async () => {
    const { wrapper, piece, plan, labels } = mountWithPiece(Editor, otter);
    expect(wrapper.text()).toContain('has the library’s shape');
    const before = plan().mass!.lifeWeight.value;
    await press(wrapper, 'Shape the trunk');
    expect(Object.keys(piece().measure.shape.sections)).toContain('lumbar');
    await wrapper.findAll('.stations button')[3]!.trigger('click');
    await typeInto(wrapper, 'Width of the section', '20 cm');
    expect(labels.at(-1)).toBe('Change the width of section 4');
    expect(plan().mass!.lifeWeight.value).toBeGreaterThan(before);
    await press(wrapper, 'Library’s shape again');
    expect(piece().measure.shape.sections).toEqual({});
  });

  it('adds a section between two, takes it out, and says what a section cannot be', async () => {
    const { wrapper, piece } = mountWithPiece(Editor, otter);
    await press(wrapper, 'Shape the trunk');
    const many = () => Object.values(piece().measure.shape.sections).flat().length;
    const before = many();
    await press(wrapper, 'Add a section after it');
    expect(many()).toBe(before + 1);
    await wrapper.findAll('.stations button')[1]!.trigger('click');
    await press(wrapper, 'Take it out');
    expect(many()).toBe(before);
    await typeInto(wrapper, 'Squareness of the section', 'round');
    expect(wrapper.find('[role=alert]').text()).toContain('Squareness of the section: received');
  });

  it('parts left and right on purpose, and joins them as the left', async () => {
    const { wrapper, piece } = mountWithPiece(Editor, otter);
    await press(wrapper, 'Hind legs');
    await press(wrapper, 'Shape the hind legs');
    await press(wrapper, 'Left and right apart');
    await typeInto(wrapper, 'Width of the section', '99');
    const { sections } = piece().measure.shape;
    const [left] = Object.keys(sections).filter((key) => key.endsWith('.L'));
    expect(sections[left!]![0]!.halfWidth).toBe(49.5);
    expect(sections[left!.replace('.L', '.R')]![0]!.halfWidth).not.toBe(49.5);
    await press(wrapper, 'Both sides alike');
    expect(piece().measure.shape.sections[left!.replace('.L', '')]![0]!.halfWidth).toBe(49.5);
  });
});

describe('FatTable', () => {
  it('puts fat on a region, takes it off with a minus, and forgets nothing at all', async () => {
    const { wrapper, piece, plan } = mountWithPiece(FatTable, wolf);
    const before = plan().mass!.lifeWeight.value;
    await typeInto(wrapper, 'Fat of Trunk', '20 mm');
    expect(plan().mass!.lifeWeight.value).toBeGreaterThan(before);
    await typeInto(wrapper, 'Fat of Trunk', '-10');
    expect(piece().measure.shape.fatMm).toEqual({ trunk: -10 });
    expect(plan().mass!.lifeWeight.value).toBeLessThan(before);
    await typeInto(wrapper, 'Fat of Trunk', '0');
    expect(piece().measure.shape.fatMm).toEqual({});
  });
});

describe('MuscleTable', () => {
  const shown = () =>
    mountWithPiece(
      MuscleTable,
      otter,
      (plan) => ({ rows: plan.mass!.shape!.muscles }),
      false,
      true,
    );

  it('lists muscles in layers with their grams, and tells what one does to the form', async () => {
    const { wrapper, plan } = shown();
    const { muscles } = plan().mass!.shape!;
    for (const { name, grams } of muscles) {
      expect(wrapper.text()).toContain(name);
      expect(wrapper.find(`[data-working="${grams.id}"]`).text()).toBe(
        formatQuantity(grams.value, 'g', 'metric', grams.digits).number,
      );
    }
    await press(wrapper, 'Triceps brachii');
    expect(wrapper.text()).toContain('The heavy wedge between shoulder blade and elbow.');
  });

  it('opens the working of a length below its row', async () => {
    const { wrapper } = shown();
    const length = wrapper.find('[data-working="mass.muscle.biceps-brachii.length"]');
    expect(length.text()).toMatch(/^\d+\s%$/);
    await length.trigger('click');
    expect(wrapper.find('.detail').text()).toContain('p = L / L₀');
  });

  it('takes a bulk by slider and by number, and 100 % is the library’s again', async () => {
    const { wrapper, piece } = shown();
    await press(wrapper, 'Triceps brachii');
    await slideTo(wrapper, 'Bulk of Triceps brachii', 150);
    expect(piece().measure.shape.bulk).toEqual({ triceps: 1.5 });
    await typeInto(wrapper, 'Bulk of Triceps brachii, %', '400 %');
    expect(wrapper.find('[role=alert]').text()).toContain('30 to 300 %');
    await typeInto(wrapper, 'Bulk of Triceps brachii, %', '100');
    expect(piece().measure.shape.bulk).toEqual({});
  });
});

const shownCards = (cards?: Workpiece['mass']['cards']) =>
  mountWithPiece(
    CardTable,
    cards ? { ...otter, mass: { ...otter.mass, cards } } : otter,
    (plan) => ({ cards: plan.mass!.shape!.cards, uncut: plan.mass!.shape!.uncut }),
    false,
    true,
  );

describe('CardTable', () => {
  it('tells girth, width and depth, and opens their working', async () => {
    const { wrapper, plan } = shownCards();
    const [first] = plan().mass!.shape!.cards;
    const cell = wrapper.find(`[data-working="${first!.girth.id}"]`);
    expect(cell.text()).toBe(first!.girth.value.toFixed(1));
    await cell.trigger('click');
    expect(wrapper.find('.detail').text()).toContain('length of the outline of the section');
  });

  it('adds a card, moves it, takes it out, and goes back to the usual places', async () => {
    const { wrapper, piece, plan } = shownCards();
    const usual = plan().mass!.shape!.cards.length;
    await press(wrapper, 'Add a card');
    expect(piece().mass.cards).toHaveLength(usual + 1);
    await wrapper.find('tbody button').trigger('click');
    await typeInto(wrapper, 'Place of section 1, %', '30 %');
    expect(piece().mass.cards![0]!.along).toBe(0.3);
    await press(wrapper, 'Take it out');
    expect(piece().mass.cards).toHaveLength(usual);
    expect(piece().mass.cards![0]!.along).toBe(0.5);
    await press(wrapper, 'Usual places');
    expect(piece().mass.cards).toBeNull();
  });
});

describe('a card where there is no section', () => {
  it('is told with the reason, kept, and taken out by hand', async () => {
    const cards = [
      { boneId: 'lumbar', along: 0.5 },
      { boneId: 'pelvis.L', along: 0.5 },
    ];
    const { wrapper, piece } = shownCards(cards);
    expect(wrapper.find('[role=status]').text()).toContain('no section of its own here');
    await wrapper.find('[role=status] button').trigger('click');
    expect(piece().mass.cards).toEqual([cards[0]]);
  });
});

describe('PegTable', () => {
  it('tells each height and what it stands on, and warns of bone under the skin', () => {
    const { wrapper, plan } = mountWithPiece(
      PegTable,
      wolf,
      (of) => ({ rows: of.mass!.shape!.pegs }),
      false,
      true,
    );
    const { pegs } = plan().mass!.shape!;
    expect(wrapper.findAll('tbody tr')).toHaveLength(pegs.length);
    expect(wrapper.text()).toContain('Withers');
    expect(wrapper.text()).toContain('build nothing over it');
  });

  it('says so where an animal has none', () => {
    const { wrapper } = mountWithPiece(PegTable, wolf, { rows: [] });
    expect(wrapper.text()).toContain('No muscle or landmark');
  });
});

describe('WeightLedger', () => {
  it('says the condition in a sentence and marks what is off', () => {
    const fat: Workpiece = {
      ...wolf,
      measure: { ...wolf.measure, shape: { ...wolf.measure.shape, fatMm: { trunk: 90 } } },
    };
    const { wrapper } = mountWithPiece(WeightLedger, fat, (plan) => ({ mass: plan.mass! }));
    expect(wrapper.find('.sentence').text()).toMatch(/^Too heavy by/);
    expect(wrapper.find('.sentence').classes()).toContain('off');
    expect(wrapper.text()).toContain('Trunk at life size');
  });
});
