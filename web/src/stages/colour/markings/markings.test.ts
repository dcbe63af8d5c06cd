// @vitest-environment happy-dom
import { demoWorkpieces, planPiece, type LiePlace, type Workpiece } from '@keen-sinew/core';
import { describe, expect, it } from 'vitest';
import { choose, press, typeInto } from '../../../testing/hands.ts';
import { mountWithPiece } from '../../../testing/mountWithPiece.ts';
import BandTable from './BandTable.vue';
import { fieldsOf } from './markingFields.ts';
import {
  drawnPlaces,
  keptMarkings,
  withAnimals,
  withMarking,
  withMarkingPlace,
  withMoved,
  withNewMarking,
  withoutMarking,
} from './markingChanges.ts';
import MarkingColours from './MarkingColours.vue';
import MarkingFields from './MarkingFields.vue';
import MarkingList from './MarkingList.vue';

const pieceOf = (id: string): Workpiece => demoWorkpieces().find((of) => of.id === id)!;
const [wolf, girdle] = [pieceOf('wolf-at-the-carr'), pieceOf('old-girdle')];
const [wolfPlan, girdlePlan] = [planPiece(wolf), planPiece(girdle)];
const places = (many: number): LiePlace[] =>
  Array.from({ length: many }, (_, i) => ({ boneId: 'thoracic', along: i / many, around: i }));

describe('changes of markings', () => {
  it('take over what the animal brings, and change one of it', () => {
    expect(wolf.colour.markings).toBeNull();
    const changed = withMarking(wolf, wolfPlan, 'saddle', { widthMm: 33 });
    const kept = changed.colour.markings!;
    expect(kept.map(({ id }) => id)).toEqual(wolfPlan.markings.markings.map(({ id }) => id));
    expect(kept.find(({ id }) => id === 'saddle')!.widthMm).toBe(33);
    expect(kept.every((of) => !('provenance' in of))).toBe(true);
    expect(withAnimals(changed).colour.markings).toBeNull();
  });

  it('add on top, move in the order, and remove with what was decided of its colours', () => {
    const { piece, id } = withNewMarking(girdle, girdlePlan, 'spots', 'Spots');
    expect(piece.colour.markings!.at(-1)!.id).toBe(id);
    const twice = withNewMarking(piece, planPiece(piece), 'spots', 'Spots');
    expect(twice.id).not.toBe(id);
    const order = (of: Workpiece) => of.colour.markings!.map((one) => one.id);
    expect(order(withMoved(girdle, girdlePlan, 'collar', -1))).toEqual([
      'collar',
      'rings',
      'eye-line',
    ]);
    expect(order(withMoved(girdle, girdlePlan, 'rings', -1))).toEqual(order(girdle));
    const coloured = {
      ...girdle,
      colour: {
        ...girdle.colour,
        zones: {
          'mark-collar-1': { ...plainZone, hex: '#ffffff' },
          head: { ...plainZone, hex: '#111111' },
        },
      },
    };
    const without = withoutMarking(coloured, girdlePlan, 'collar');
    expect(order(without)).toEqual(['rings', 'eye-line']);
    expect(Object.keys(without.colour.zones)).toEqual(['head']);
  });

  it('move one place and leave the others', () => {
    const moved = withMarkingPlace(wolf, wolfPlan, 'saddle', 2, { around: 12 });
    const [before, after] = [keptMarkings(wolf, wolfPlan), moved.colour.markings!].map(
      (all) => all.find(({ id }) => id === 'saddle')!.places,
    ) as unknown as [readonly LiePlace[], readonly LiePlace[]];
    expect(after[2]!.around).toBe(12);
    expect(after.filter((_, i) => i !== 2)).toEqual(before.filter((_, i) => i !== 2));
  });

  it('take a drawn line as a line, an outline, or two corners', () => {
    expect(drawnPlaces({ kind: 'rings' }, places(9))).toHaveLength(2);
    expect(drawnPlaces({ kind: 'line' }, places(9))).toHaveLength(9);
    expect(drawnPlaces({ kind: 'line' }, places(90))).toHaveLength(24);
    expect(drawnPlaces({ kind: 'patch' }, places(2))).toHaveLength(1);
    expect(drawnPlaces({ kind: 'line' }, places(1))).toBeUndefined();
    expect(drawnPlaces({ kind: 'spots' }, places(1))).toBeUndefined();
  });
});

const plainZone = { hex: null, sheen: null, school: null, extras: [], marbled: false };

describe('the list of markings', () => {
  it('adds one, chooses it, and takes the animal’s own again', async () => {
    const { wrapper, piece, labels } = mountWithPiece(MarkingList, wolf, { chosen: 'saddle' });
    expect(wrapper.text()).toContain('the animal’s own');
    await choose(wrapper, 'What to add', 'rosettes');
    await press(wrapper, 'Add');
    expect(piece().colour.markings!.at(-1)).toMatchObject({ kind: 'rosettes' });
    await press(wrapper, 'Later');
    expect(piece().colour.markings![1]!.id).toBe('saddle');
    await press(wrapper, 'Remove');
    expect(piece().colour.markings!.map(({ id }) => id)).not.toContain('saddle');
    await press(wrapper, 'The animal’s own again');
    expect(piece().colour.markings).toBeNull();
    expect(labels).toContain('Remove saddle');
  });

  it('offers only what the animal has: no wings on a wolf', () => {
    const { wrapper } = mountWithPiece(MarkingList, wolf, { chosen: null });
    expect(wrapper.html()).not.toContain('Veins of a wing');
    expect(fieldsOf(wolfPlan.markings.markings[0]!).map(({ key }) => key)).toEqual([
      'widthMm',
      'edgeMm',
      'vary',
    ]);
  });
});

describe('the fields of a marking', () => {
  const saddle = wolfPlan.markings.markings.find(({ id }) => id === 'saddle')!;

  it('type its sizes in life, and say what is allowed', async () => {
    const { wrapper, piece } = mountWithPiece(MarkingFields, wolf, { marking: saddle });
    await typeInto(wrapper, 'Edge runs out over', '12');
    await typeInto(wrapper, 'Irregularity', '40');
    const kept = piece().colour.markings!.find(({ id }) => id === 'saddle')!;
    expect(kept).toMatchObject({ edgeMm: 12, vary: 0.4 });
    await typeInto(wrapper, 'Irregularity', '140');
    expect(wrapper.text()).toContain('Irregularity: received');
    await press(wrapper, 'Another irregularity');
    expect(piece().colour.markings!.find(({ id }) => id === 'saddle')!.seed).toBe(saddle.seed + 1);
  });

  it('name a marking and its only colour together, and aim at a colour as a zone of its own', async () => {
    const { wrapper, piece } = mountWithPiece(MarkingFields, wolf, { marking: saddle });
    await typeInto(wrapper, 'Name', 'Mantle');
    expect(piece().colour.markings![0]).toMatchObject({
      ...{ name: 'Mantle', colours: [{ name: 'Mantle', hex: '#4b4640' }] },
    });
    const colours = mountWithPiece(MarkingColours, wolf, { marking: saddle });
    await typeInto(colours.wrapper, 'Colour of Saddle', '#334455');
    expect(colours.piece().colour.zones['mark-saddle-1']!.hex).toBe('#334455');
  });

  it('type rings one by one, and tell where each lies on the model', async () => {
    const rings = girdlePlan.markings.markings[0]!;
    const { wrapper, piece } = mountWithPiece(BandTable, girdle, { marking: rings });
    expect(wrapper.text()).toContain('On the model');
    await typeInto(wrapper, 'Width of ring 1 in life', '12');
    await choose(wrapper, 'Colour of ring 2', 'coat');
    await typeInto(wrapper, 'Specks in ring 3', '25');
    expect(piece().colour.markings![0]!.bands.slice(0, 3)).toEqual([
      { colour: 0, mm: 9, speckle: 0 },
      { colour: 1, mm: 5, speckle: 0.2 },
      { colour: 2, mm: 14, speckle: 0.25 },
    ]);
    await press(wrapper, 'Add a ring');
    expect(piece().colour.markings![0]!.bands).toHaveLength(5);
  });
});
