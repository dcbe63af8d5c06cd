// @vitest-environment happy-dom
import { demoWorkpieces, formatQuantity, unreadClay, type Workpiece } from '@keen-sinew/core';
import { describe, expect, it } from 'vitest';
import { press, typeInto } from '../../testing/hands.ts';
import { mountWithPiece } from '../../testing/mountWithPiece.ts';
import BuildLedger from './BuildLedger.vue';
import ChoiceField from '../../kit/ChoiceField.vue';
import ClayLabel from './ClayLabel.vue';
import FoilChoices from './FoilChoices.vue';
import ShellClay from './ShellClay.vue';
import ShellTable from './ShellTable.vue';

const [otter, wolf] = demoWorkpieces() as [Workpiece, Workpiece];

describe('ShellTable', () => {
  it('shows each region with its build, and the plan’s own numbers', () => {
    const { wrapper, plan } = mountWithPiece(ShellTable, otter);
    const rows = wrapper.findAll('tbody tr');
    expect(rows).toHaveLength(plan().mass!.regions.length);
    plan().mass!.regions.forEach((region, i) => {
      expect(rows[i]!.text()).toContain(region.region.name);
      const { value, unit, digits } = region.clay;
      expect(rows[i]!.text()).toContain(formatQuantity(value, unit, 'metric', digits).number);
    });
  });

  it('sets one region’s shell and leaves the others', async () => {
    const { wrapper, piece, labels } = mountWithPiece(ShellTable, otter);
    await typeInto(wrapper, 'Shell of Head', '3.5 mm');
    expect(piece().mass.shells['head']).toEqual({ core: 'foil', shellMm: 3.5 });
    expect(piece().mass.shells['tail']).toEqual(otter.mass.shells['tail']);
    expect(labels).toEqual(['Change the build of head']);
  });

  it('turns foil to a hollow ball with a vent, to solid clay, and back to the plan’s own', async () => {
    const { wrapper, piece, plan } = mountWithPiece(ShellTable, otter);
    const choose = async (core: string): Promise<void> => {
      wrapper.findAllComponents(ChoiceField)[4]!.vm.$emit('set', core);
      await wrapper.vm.$nextTick();
    };
    await choose('hollow');
    expect(piece().mass.shells['trunk']).toEqual({ core: 'hollow', shellMm: 5 });
    await wrapper.find('.vent').trigger('click');
    expect(piece().mass.vents).toEqual(['trunk']);
    await wrapper.find('.vent').trigger('click');
    expect(piece().mass.vents).toEqual([]);
    await choose('solid');
    expect(piece().mass.shells['trunk']).toEqual({ core: 'solid', shellMm: 5 });
    expect(plan().mass!.regions[4]!.coreVolume.value).toBe(0);
    const reset = wrapper.findAll('tbody tr')[4]!.find('button');
    await reset.trigger('click');
    expect(piece().mass.shells).not.toHaveProperty('trunk');
  });

  it('opens the working of a number below its row, and shows ounces with their name', async () => {
    const { wrapper, settings } = mountWithPiece(ShellTable, otter);
    await wrapper.find('[data-working="mass.region.head.clay"]').trigger('click');
    expect(wrapper.find('.detail').text()).toContain('deeper than u under the skin');
    expect(wrapper.find('thead').text()).toContain('Clay ml');
    settings.units = 'imperial';
    await wrapper.vm.$nextTick();
    expect(wrapper.find('thead').text()).toContain('Clay fl oz');
  });

  it('says what is wrong with a shell, and changes nothing', async () => {
    const { wrapper, labels } = mountWithPiece(ShellTable, otter);
    await typeInto(wrapper, 'Shell of Trunk', '5 m');
    expect(wrapper.find('[role=alert]').text()).toContain('Shell of Trunk: received “5 m”');
    expect(labels).toEqual([]);
  });

  it('marks the region whose shell leaves no core', () => {
    const thick = { ...otter, mass: { ...otter.mass, shellMm: 14 } };
    const { wrapper } = mountWithPiece(ShellTable, thick);
    expect(wrapper.findAll('td.alarm').length).toBeGreaterThan(0);
    expect(mountWithPiece(ShellTable, otter).wrapper.findAll('td.alarm')).toHaveLength(0);
  });
});

describe('ClayLabel', () => {
  it('takes packet and weighing, and gives them back', async () => {
    const { wrapper, piece, plan } = mountWithPiece(ClayLabel, wolf, { part: 'packet' });
    await typeInto(wrapper, 'Packet of clay', '2 lb');
    expect(piece().mass.clay.label.packetG).toBeCloseTo(907.18, 1);
    expect(wrapper.text()).toContain('Cut a square block');
    await typeInto(wrapper, 'Block of clay on the scale', '68 g');
    expect(piece().mass.clay.weighed).toMatchObject({ grams: 68, lengthMm: 40 });
    await typeInto(wrapper, 'Block, height', '25');
    expect(plan().mass!.figures.density.value).toBeCloseTo(68 / 50, 6);
    await press(wrapper, 'reset: A block on the scale');
    expect(piece().mass.clay.weighed).toBeNull();
  });

  it('takes the label’s oven figures, °F too, and the class’s come back', async () => {
    const { wrapper, piece } = mountWithPiece(ClayLabel, wolf, { part: 'oven' });
    await typeInto(wrapper, 'Curing temperature on the label', '275 F');
    expect(piece().mass.clay.label.temperatureC).toBeCloseTo(135, 9);
    await typeInto(wrapper, 'Upper limit on the label', '150');
    await typeInto(wrapper, 'Minutes on the label', '0.5 h');
    await typeInto(wrapper, 'Thickness on the label', '1/4 in');
    expect(piece().mass.clay.label).toMatchObject({ limitC: 150, minutes: 30 });
    expect(piece().mass.clay.label.perMm).toBeCloseTo(6.35, 9);
    await press(wrapper, 'reset: Cures at, by its label');
    expect(piece().mass.clay.label.temperatureC).toBeNull();
  });

  it('refuses a heat that no clay bears', async () => {
    const { wrapper, labels } = mountWithPiece(ClayLabel, wolf, { part: 'oven' });
    await typeInto(wrapper, 'Curing temperature on the label', '900');
    expect(wrapper.find('[role=alert]').text()).toContain('allowed is from 40 °C to 300 °C');
    expect(labels).toEqual([]);
  });
});

describe('FoilChoices', () => {
  it('sets shell, spare, foil and paper, each as one step', async () => {
    const { wrapper, piece, labels } = mountWithPiece(FoilChoices, otter);
    await typeInto(wrapper, 'Usual shell', '6');
    await typeInto(wrapper, 'Spare clay', '25 %');
    await typeInto(wrapper, 'Width of the foil', '45 cm');
    await typeInto(wrapper, 'Gauge of the foil', '0.02');
    await typeInto(wrapper, 'Packed density of the foil', '1.1');
    await typeInto(wrapper, 'A sheet of paper', '0.12');
    expect(piece().mass).toMatchObject({
      shellMm: 6,
      sparePercent: 25,
      paperMm: 0.12,
      foil: { widthMm: 450, gaugeMm: 0.02, packedGPerMl: 1.1 },
    });
    expect(labels).toHaveLength(6);
  });
});

describe('clay of the shells', () => {
  it('becomes another one by a choice, has a label of its own, and goes back', async () => {
    const { wrapper, piece, labels, plan } = mountWithPiece(ShellClay, otter);
    const choice = () => wrapper.findComponent(ChoiceField);
    expect(choice().props('label')).toBe('Clay of the shells over cores');
    choice().vm.$emit('set', 'another');
    await wrapper.vm.$nextTick();
    // The otter's own label was read off another packet: it says nothing of this one.
    expect(otter.mass.clay.label.packetG).not.toBeNull();
    expect(piece().mass.shellClay).toEqual(unreadClay('oven-firm', 'Clay for shells'));
    expect(plan().mass!.batches.map(({ laidFor }) => laidFor)).toEqual(['shells', 'solid parts']);
    choice().vm.$emit('set', 'same');
    await wrapper.vm.$nextTick();
    expect(piece().mass.shellClay).toBeNull();
    expect(labels).toEqual(['Make shells of another clay', 'Make shells of the same clay']);
  });

  it('takes its own packet and leaves the clay of the piece alone', async () => {
    const two = { ...otter, mass: { ...otter.mass, shellClay: { ...otter.mass.clay } } };
    const { wrapper, piece } = mountWithPiece(ClayLabel, two, { part: 'packet', of: 'shellClay' });
    await typeInto(wrapper, 'Packet of clay (shells)', '1 kg');
    expect(piece().mass.shellClay!.label.packetG).toBe(1000);
    expect(piece().mass.clay).toEqual(otter.mass.clay);
  });
});

describe('BuildLedger', () => {
  const ledger = (piece: Workpiece) =>
    mountWithPiece(BuildLedger, piece, (plan) => ({ mass: plan.mass! }), false, true);

  it('shows one clay with its packets, and two by kind with what each is laid for', () => {
    const one = ledger(otter).wrapper;
    expect(one.findAll('[data-working$=".packets"]')).toHaveLength(1);
    const two = ledger({
      ...otter,
      mass: { ...otter.mass, shellClay: { ...otter.mass.clay, name: 'Grey clay' } },
    }).wrapper;
    expect(two.findAll('[data-working$=".packets"]')).toHaveLength(2);
    expect(two.find('[data-working="mass.clay.of-shells.grams"]').text()).toContain('“Grey clay”');
    expect(two.text()).toContain('Clay of the shells');
  });

  it('says that nothing is to be rolled where all is solid', () => {
    const shells = Object.fromEntries(
      ledger(otter)
        .plan()
        .mass!.regions.map(({ region }) => [region.id, { core: 'solid' as const, shellMm: 5 }]),
    );
    const { wrapper } = ledger({ ...otter, mass: { ...otter.mass, shells } });
    expect(wrapper.text()).toContain('No shell: every region is solid clay.');
  });
});
