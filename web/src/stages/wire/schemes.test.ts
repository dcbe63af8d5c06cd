/* eslint-disable max-lines -- the tests of one subject, which share its pieces */
// @vitest-environment happy-dom
import {
  inWorkshop,
  newWorkshop,
  demoWorkpieces,
  newCreature,
  newPiece,
  newPieceOf,
  type Workpiece,
} from '@keen-sinew/core';
import { describe, expect, it } from 'vitest';
import { press, typeInto } from '../../testing/hands.ts';
import { mountWithPiece } from '../../testing/mountWithPiece.ts';
import BasePart from './BasePart.vue';
import BindingPart from './BindingPart.vue';
import CutTable from './CutTable.vue';
import FineWires from './FineWires.vue';
import GaugeTables from './GaugeTables.vue';
import HingePart from './HingePart.vue';
import LoadLegend from './LoadLegend.vue';
import MetalPart from './MetalPart.vue';
import RoutePart from './RoutePart.vue';
import SchemePart from './SchemePart.vue';
import StockPart from './StockPart.vue';
import WireSizeField from '../../kit/WireSizeField.vue';
import { withWire } from './wireChanges.ts';

const [otter, wolf, heron] = demoWorkpieces() as [Workpiece, Workpiece, Workpiece];

describe('SchemePart', () => {
  it('says what the scheme is and what can go wrong, and compares the six when asked', async () => {
    const { wrapper } = mountWithPiece(SchemePart, wolf);
    expect(wrapper.text()).toContain('Bound loops: a twisted spine');
    expect(wrapper.text()).toContain('What can go wrong');
    expect(wrapper.find('table').exists()).toBe(false);
    await press(wrapper, 'Compare and change');
    expect(wrapper.text()).toContain('Suits this piece best: Bound loops');
    expect(wrapper.findAll('.reasons')).toHaveLength(6);
    // Each number opens its working.
    await wrapper.find('[data-working="scheme.back-iron.minutes"]').trigger('click');
    expect(wrapper.text()).toContain('bends · (mark + bend)');
  });

  it('takes another scheme, and makes one pair of limbs otherwise', async () => {
    const { wrapper, piece, plan } = mountWithPiece(SchemePart, wolf);
    await press(wrapper, 'Compare and change');
    await press(wrapper, 'Take: Rods in the base');
    expect(piece().wire.scheme).toBe('base-rods');
    expect(plan().wire.wires.filter(({ kind }) => kind === 'rod')).toHaveLength(4);
    expect(wrapper.text()).toContain('as it is made now');
  });

  it('weighs a posable piece anew', async () => {
    const posable = withWire(wolf, { posable: true, ways: { 'hind-legs': 'none' } });
    const { wrapper, piece } = mountWithPiece(SchemePart, posable);
    await press(wrapper, 'Compare and change');
    expect(wrapper.text()).toContain('Suits this piece best: Back iron');
    await press(wrapper, 'as the scheme');
    expect(piece().wire.ways).toEqual({});
  });
});

describe('WireSizeField', () => {
  it('asks which table a bare number is meant in, with the diameter of each', async () => {
    const { wrapper } = mountWithPiece(WireSizeField, otter, {
      label: 'Spine',
      size: { system: 'mm', value: 2 },
    });
    await typeInto(wrapper, 'Spine', '14');
    expect(wrapper.find('[role=alert]').text()).toContain('choose below');
    const asked = wrapper.findAll('.asked button').map((wrapper) => wrapper.text());
    expect(asked).toEqual(['14 AWG (1.63 mm)', '14 SWG (2.03 mm)', '14 US steel (2.03 mm)']);
    await typeInto(wrapper, 'Spine', '2');
    expect(wrapper.findAll('.asked button').map((wrapper) => wrapper.text())).toContain('2.00 mm');
  });

  it('hands on the size that is chosen, and reads one that says its table', async () => {
    const { wrapper } = mountWithPiece(WireSizeField, otter, {
      label: 'Spine',
      size: { system: 'mm', value: 2 },
    });
    const field = wrapper.findComponent(WireSizeField);
    await typeInto(wrapper, 'Spine', '16');
    await press(wrapper, '16 SWG');
    await typeInto(wrapper, 'Spine', '18 awg');
    expect(field.emitted('set')).toEqual([
      [{ system: 'SWG', value: 16 }],
      [{ system: 'AWG', value: 18 }],
    ]);
  });
});

describe('BindingPart', () => {
  it('lists every binding with its length, and says what heat does to the binder', async () => {
    const { wrapper, piece, plan } = mountWithPiece(BindingPart, otter);
    for (const { length } of plan().wire.bindings.bindings)
      expect(wrapper.find(`[data-working="${length.id}"]`).exists()).toBe(true);
    expect(wrapper.text()).toContain('Metal goes through every bake');
    const before = plan().wire.bindings.total.value;
    await typeInto(wrapper, 'Turns on each diagonal', '6');
    expect(piece().wire.binder.turns).toBe(6);
    expect(plan().wire.bindings.total.value).toBeGreaterThan(before);
  });

  it('shows the caution of putty, and the snag of glue', () => {
    const kind = (of: 'putty' | 'hot-glue') =>
      mountWithPiece(BindingPart, withWire(otter, { binder: { ...otter.wire.binder, kind: of } }));
    expect(kind('putty').wrapper.text()).toContain('Epoxy can make skin allergic');
    expect(
      kind('hot-glue')
        .plan()
        .snags.map(({ code }) => code),
    ).toContain('binding-in-oven');
  });
});

describe('FineWires', () => {
  it('tells a wire that ends where its part gets too thin', () => {
    const flier = inWorkshop(newPiece('flier', 'Flier', 'rhamphorhynchus'), newWorkshop());
    const { wrapper } = mountWithPiece(FineWires, flier);
    expect(wrapper.text()).toMatch(/ends \d+ % of the way up, where the part gets too thin/);
  });

  it('gives each thin part its wire or its reason, and lets it be left out', async () => {
    const { wrapper, piece, plan } = mountWithPiece(FineWires, heron);
    expect(wrapper.text()).toContain('Front toes');
    await typeInto(wrapper, 'Bill, diameter or gauge', '0.4 mm');
    expect(piece().wire.fine['bill']).toMatchObject({ size: { system: 'mm', value: 0.4 } });
    await press(wrapper, 'Leave out');
    expect(Object.values(piece().wire.fine)).toContain(null);
    await press(wrapper, 'As usual');
    expect(Object.values(piece().wire.fine)).not.toContain(null);
    expect(plan().wire.fine.length).toBeGreaterThan(3);
  });

  it('says so where nothing lies beyond the large wires', () => {
    const headless = { ...newCreature('own', 'Own', 'adder'), without: ['head'] };
    const { wrapper } = mountWithPiece(
      FineWires,
      inWorkshop(newPieceOf('one', 'One', headless), newWorkshop()),
    );
    expect(wrapper.text()).toContain('No digits, ears or fins');
  });
});

describe('RoutePart', () => {
  const hind = (of: { wire: { wires: readonly { key: string }[] } }) =>
    of.wire.wires.find(({ key }) => key === 'limbs:hind-legs')!;

  it('splits a wire at a joint, and gives it back to the scheme', async () => {
    const { wrapper, plan, labels } = mountWithPiece(RoutePart, otter, (of) => ({
      wire: hind(of),
    }));
    await press(wrapper, 'split B at the left knee');
    expect(plan().wire.wires.map(({ key }) => key)).toContain('limbs:hind-legs#2');
    expect(labels).toEqual(['Split B']);
  });

  it('leaves a joint out, and starts from the other end', async () => {
    const { wrapper, plan, piece } = mountWithPiece(RoutePart, otter, (of) => ({ wire: hind(of) }));
    const before = plan().wire.wires[1]!.bends.length;
    await press(wrapper, 'leave out the left knee');
    expect(plan().wire.wires[1]!.bends).toHaveLength(before - 1);
    expect(piece().wire.routes['limbs:hind-legs']).toHaveLength(1);
    await press(wrapper, 'Start from the other end');
    expect(plan().wire.wires[1]!.namedEnd).toMatch(/right/);
  });

  it('says why a rod has no route of its own', () => {
    const { wrapper } = mountWithPiece(
      RoutePart,
      withWire(otter, { scheme: 'back-iron' }),
      (of) => ({ wire: of.wire.wires.find(({ kind }) => kind === 'iron')! }),
    );
    expect(wrapper.text()).toContain('move that in Stance');
  });

  it('brings back a wire that was joined to another', async () => {
    const joined = withWire(otter, { routes: { 'limbs:fore-legs': [] } });
    const { wrapper, plan } = mountWithPiece(RoutePart, joined, (of) => ({ wire: hind(of) }));
    expect(plan().wire.wires.map(({ key }) => key)).not.toContain('limbs:fore-legs');
    await press(wrapper, 'Bring back forelegs');
    expect(plan().wire.wires.map(({ key }) => key)).toContain('limbs:fore-legs');
  });
});

describe('MetalPart', () => {
  it('says in words what the metals bear, and takes the user’s own', async () => {
    const { wrapper, piece } = mountWithPiece(MetalPart, otter);
    expect(wrapper.text()).toMatch(/Re-bending soft aluminium: .* \(common practice\)/);
    await press(wrapper, 'Add a metal');
    await typeInto(wrapper, 'own metal 1, name', 'fence wire');
    await typeInto(wrapper, 'fence wire, Yield, MPa', '420');
    expect(piece().wire.ownMetals).toMatchObject([{ name: 'fence wire', yieldMPa: 420 }]);
    await press(wrapper, 'Remove fence wire');
    expect(piece().wire.ownMetals).toEqual([]);
  });

  it('keeps a metal that something is made of', async () => {
    const own = {
      id: 'own-1',
      name: 'fence wire',
      eMPa: 200_000,
      yieldMPa: 400,
      densityKgM3: 7850,
      leastInsideDiameters: 1,
    };
    const made = withWire(otter, {
      ownMetals: [own],
      spine: { ...otter.wire.spine, metal: 'own-1' },
    });
    const { wrapper } = mountWithPiece(MetalPart, made);
    expect(wrapper.text()).toContain('In use, so it stays');
    expect(wrapper.text()).toContain('unknown: bend an offcut');
  });
});

describe('HingePart and BasePart', () => {
  it('measures the joints that stay free', async () => {
    const fixed = mountWithPiece(HingePart, otter);
    expect(fixed.wrapper.text()).toContain('Switch “Posable” on');
    const { wrapper, piece } = mountWithPiece(
      HingePart,
      withWire(otter, { posable: true, freeJoints: ['tibia.L'] }),
    );
    expect(wrapper.text()).toContain('free of putty on each side');
    await press(wrapper, 'fix it');
    expect(piece().wire.freeJoints).toEqual([]);
  });

  it('drills each hole with its lean and turn, and takes the size that balance asks for', async () => {
    const rods = withWire(wolf, {
      scheme: 'base-rods',
      rod: { metal: 'steel-annealed', size: { system: 'mm', value: 3 }, thread: 'M3', key: null },
    });
    const { wrapper, piece, plan } = mountWithPiece(BasePart, rods);
    expect(wrapper.text()).toMatch(/Hole 1: left forefoot, \w, top leans to the rear; set first/);
    expect(wrapper.text()).toContain('Spring washers M3');
    const { base } = plan().balance;
    await press(wrapper, 'Make it that large');
    expect(piece().stance.base.lengthMm).toBeGreaterThanOrEqual(base.lengthMm);
    await press(wrapper, 'Fit it to the feet');
    expect(piece().stance.base.lengthMm).toBeNull();
  });

  it('says what to do where nothing goes through the base', () => {
    const { wrapper } = mountWithPiece(BasePart, withWire(otter, { scheme: 'no-wire' }));
    expect(wrapper.text()).toContain('Glue or pin the piece from below');
  });
});

describe('StockPart', () => {
  it('asks how wire is sold, and says how many lengths and what they cost', async () => {
    const { wrapper, piece, plan } = mountWithPiece(StockPart, wolf);
    await press(wrapper, 'How it is sold');
    const { metalName, sizeText } = plan().wire.stock.groups[0]!;
    await typeInto(wrapper, `${metalName} ${sizeText}, sold in lengths of`, '2 m');
    await typeInto(wrapper, `${metalName} ${sizeText}, price of one`, '3.20');
    expect(piece().wire.sold[0]).toMatchObject({ lengthMm: 2000, price: 3.2 });
    const { lengths, cost } = plan().wire.stock.groups[0]!;
    expect(cost!.value).toBeCloseTo(3.2 * lengths!.sticks!, 9);
    expect(wrapper.text()).toContain('Lengths to buy, as sold');
  });

  it('keeps the offcuts once the pieces are cut', async () => {
    const { wrapper, piece } = mountWithPiece(StockPart, otter);
    const before = piece().wire.stock.flatMap(({ lengthsMm }) => lengthsMm);
    expect(wrapper.text()).toContain('Proven: no other way');
    await press(wrapper, 'They are cut: keep the offcuts');
    const after = piece().wire.stock.flatMap(({ lengthsMm }) => lengthsMm);
    expect(after.reduce((a, b) => a + b, 0)).toBeLessThan(before.reduce((a, b) => a + b, 0));
  });
});

describe('GaugeTables and LoadLegend', () => {
  // ASTM B258: 14 AWG is 1.628 mm. BS 3737: 14 SWG is 2.032 mm.
  it('set the three tables beside each other', () => {
    const { wrapper } = mountWithPiece(GaugeTables, otter);
    const row = wrapper.findAll('tbody tr').find((wrapper) => wrapper.text().startsWith('14'))!;
    expect(row.findAll('td').map((cell) => cell.text())).toEqual(['14', '1.63', '2.03', '2.03']);
  });

  it('say in words what each line means', () => {
    const { wrapper } = mountWithPiece(LoadLegend, otter);
    expect(wrapper.text()).toContain('gives: prop it until the clay is baked');
  });
});

describe('shafts', () => {
  it('are given and left out beside the thin wires', async () => {
    expect(mountWithPiece(FineWires, heron).wrapper.text()).toMatch(/Crest plumes .* made apart/);
    const { wrapper, piece, plan } = mountWithPiece(FineWires, otter);
    const before = plan().wire.shafts.filter(({ cut }) => cut !== null).length;
    const buttons = wrapper.findAll('button').filter((wrapper) => wrapper.text() === 'Give it one');
    await buttons.at(-1)!.trigger('click');
    expect(Object.keys(piece().wire.fine).some((key) => key.startsWith('part-'))).toBe(true);
    expect(plan().wire.shafts.filter(({ cut }) => cut !== null).length).toBe(before + 1);
  });
});

describe('CutTable', () => {
  it('puts many thin wires away until they are asked for', async () => {
    const { wrapper, plan } = mountWithPiece(CutTable, heron, (of) => ({
      wires: of.wire.wires,
      chosen: 'B',
    }));
    const thin = plan().wire.wires.filter(({ kind }) => kind === 'fine');
    expect(thin.length).toBeGreaterThan(2);
    expect(wrapper.text()).not.toContain('T1');
    await press(wrapper, `And ${thin.length} thin wires`);
    for (const { id } of thin) expect(wrapper.text()).toContain(id);
  });

  it('names the other end of a folded wire under the wire itself', () => {
    const { wrapper } = mountWithPiece(
      CutTable,
      withWire(otter, { scheme: 'folded-pair' }),
      (of) => ({ wires: of.wire.wires, chosen: 'B' }),
    );
    expect(wrapper.text()).toContain('Br Hind legs, right end');
    expect(wrapper.text()).toContain('as above');
  });
});
