// @vitest-environment happy-dom
import { demoWorkpieces, planPiece, snagSentence, type Workpiece } from '@keen-sinew/core';
import { describe, expect, it } from 'vitest';
import { press } from '../testing/hands.ts';
import { mountWithPiece } from '../testing/mountWithPiece.ts';
import SnagLine from './SnagLine.vue';
import SpineNav from './SpineNav.vue';
import TopLine from './TopLine.vue';

const [otter, wolf] = demoWorkpieces() as [Workpiece, Workpiece];
const thin = { metal: 'aluminium-soft', size: { system: 'mm', value: 0.6 }, strands: 1 } as const;
/** Too hot for its clay, and on legs that would give. */
const hot: Workpiece = {
  ...wolf,
  cure: { ...wolf.cure, setC: 190 },
  wire: { ...wolf.wire, limbs: { 'hind-legs': thin, 'fore-legs': thin } },
};

describe('SnagLine', () => {
  const line = (piece: Workpiece) =>
    mountWithPiece(SnagLine, piece, (plan) => ({
      snags: plan.snags,
      accepted: plan.accepted,
      working: null,
    }));

  it('says the worst first, counts both grades, and goes on to the next', async () => {
    const { wrapper, plan } = line(hot);
    const [first, second] = plan().snags;
    expect(first!.code).toBe('clay-over-limit');
    expect(wrapper.find('p').text()).toBe(snagSentence(first!));
    expect(wrapper.text()).toContain('1 to fix');
    expect(wrapper.text()).toContain(`${plan().snags.length - 1} to watch`);
    await press(wrapper, 'Next');
    expect(wrapper.find('p').text()).toBe(snagSentence(second!));
  });

  it('says so where nothing is wrong', () => {
    const fine = mountWithPiece(SnagLine, otter, { snags: [], accepted: [], working: null });
    expect(fine.wrapper.text()).toContain('Nothing to fix and nothing to watch.');
    const busy = mountWithPiece(SnagLine, otter, {
      snags: [],
      accepted: [],
      working: 'Working out the body',
    });
    expect(busy.wrapper.text()).toContain('Working out the body');
  });

  it('counts apart what the maker knows of', () => {
    const snags = planPiece(hot).snags;
    const known = mountWithPiece(SnagLine, otter, { snags: [], accepted: snags, working: null });
    expect(known.wrapper.text()).toContain(`${snags.length} known`);
    expect(known.wrapper.text()).toContain('Nothing to fix and nothing to watch.');
  });

  it('speaks in the units that are switched on', async () => {
    const { wrapper, settings } = line(hot);
    settings.units = 'imperial';
    await wrapper.vm.$nextTick();
    expect(wrapper.find('p').text()).toContain('374 °F');
  });
});

describe('SpineNav', () => {
  it('has the eight stages in order, each with its state in words', () => {
    const { wrapper } = mountWithPiece(SpineNav, hot, (plan) => ({
      pieceId: 'wolf',
      here: 'cure',
      confirmed: ['measure'],
      snags: plan.snags,
    }));
    const links = wrapper.findAll('a');
    expect(links.map((link) => link.text().split(',')[0]!.trim())).toEqual([
      'Measure',
      'Stance',
      'Wire',
      'Mass',
      'Cure',
      'Skin',
      'Colour',
      'Bench',
    ]);
    expect(links[0]!.text()).toContain('confirmed');
    expect(links[4]!.text()).toContain('something to fix');
    expect(links[4]!.attributes('aria-current')).toBe('page');
  });
});

describe('TopLine', () => {
  it('shows scale, height and clay, and switches units and lamp', async () => {
    const { wrapper, plan, settings } = mountWithPiece(TopLine, otter);
    expect(wrapper.text()).toContain('1:3');
    expect(wrapper.text()).toContain(`${plan().mass!.clayGrams.value.toFixed(0)} g`);
    await press(wrapper, 'mm · °C');
    expect(settings.units).toBe('imperial');
    expect(wrapper.text()).toContain('oz');
    await wrapper.find('[aria-label="Night bench"]').trigger('click');
    expect(settings.theme).toBe('night');
    expect(wrapper.find('[aria-label="Paper by day"]').exists()).toBe(true);
  });

  it('renames the piece, and not to nothing', async () => {
    const { wrapper, piece, labels } = mountWithPiece(TopLine, otter);
    await wrapper.find('button.name').trigger('click');
    await wrapper.find('input').setValue('  Otter at dusk ');
    expect(piece().name).toBe('Otter at dusk');
    await wrapper.find('button.name').trigger('click');
    await wrapper.find('input').setValue('   ');
    expect(piece().name).toBe('Otter at dusk');
    expect(labels).toEqual(['Rename the piece']);
  });
});
