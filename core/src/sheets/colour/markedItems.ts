import { markingZoneId } from '../../anatomy/marking.ts';
import { mixedHex } from '../../colour/colourSpaces.ts';
import type { MarkedView } from '../../markings/markedViews.ts';
import type { Plan } from '../../planTypes.ts';
import type { DrawingItem, PagePoint } from '../drawing.ts';

/** Zones of the coat and colours of markings in the order in which a marked view tells them. */
export const markedIds = (plan: Plan): readonly (string | null)[] => [
  ...plan.measure.skeleton.animal.coat.map(({ id }) => id),
  null,
  ...plan.markings.markings.flatMap(({ id, colours }) =>
    colours.map((_, colour) => markingZoneId(id, colour)),
  ),
];

/**
 * What is marked on the animal, in the colours that are told by zone; what is not told is not drawn. Where an edge is
 * soft, both colours are mixed in OKLab.
 */
export function markedItems(
  plan: Plan,
  view: MarkedView | undefined,
  colours: ReadonlyMap<string, { readonly mean: string }>,
  place: (p: PagePoint) => PagePoint = (p) => p,
): readonly DrawingItem[] {
  const ids = markedIds(plan);
  const hexOf = (index: number): string | undefined => colours.get(ids[index] ?? '')?.mean;
  return (view?.regions ?? []).flatMap(({ main, into, loops }): DrawingItem[] => {
    const [own, other] = [hexOf(main), into && hexOf(into.other)];
    // A marking that is not painted yet leaves what is under it.
    if (own === undefined || (into !== null && other === undefined)) return [];
    const hex = into === null ? own : mixedHex(own, other!, into.share);
    const zones = plan.measure.skeleton.animal.coat.length;
    const id = ids[into !== null && main < zones ? into.other : main];
    return [
      {
        ...{ kind: 'fill', ink: 'skin', layer: 'markings', hex },
        outlines: loops.map((loop) => loop.map(place)),
        ...(id ? { target: { kind: 'zone', id } as const } : {}),
      },
    ];
  });
}
