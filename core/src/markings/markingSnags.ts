import { markingOn, markingZoneId, type Marking } from '../anatomy/marking.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { isStuckOn } from '../body/undersize.ts';
import type { Snag } from '../piece/snag.ts';
import type { MarkingEntry, MarkingInputs } from './markingEntry.ts';
import { along, regionOf } from './region.ts';
import { runOfBone } from './runs.ts';

/** A line finer than this is more than a fine brush draws, mm of the model. Common practice. */
const FINEST_MM = 0.25;
/** What repeats more often than this and hardly varies looks printed. Common practice. */
const REGULAR = { many: 6, vary: 0.15 } as const;
/** With so many markings of hard edges, and hardly a soft one, on hair or feathers, they look cut out. Common practice. */
const HARD = { many: 4, share: 0.8 } as const;
/** More colours than these beside the zones are more than an eye sees on one animal. Common practice. */
const MANY_COLOURS = 12;

/** What goes wrong with markings; what holds for all of them is told once. */
export function markingSnags(
  inputs: MarkingInputs,
  markings: readonly Marking[],
  entries: readonly MarkingEntry[] | null,
): readonly Snag[] {
  const { skeleton, scale } = inputs;
  return [
    ...markings.flatMap((marking) => lostSnag(skeleton, marking)),
    ...markings.flatMap((marking) => fineSnag(marking, scale.value)),
    ...(entries ?? []).flatMap(hiddenSnag),
    ...(entries === null || !inputs.choice.markings ? [] : lookSnags(inputs, markings, entries)),
  ];
}

const common = ({ id }: Pick<Marking, 'id'>) =>
  ({ stage: 'colour', target: { kind: 'zone', id: markingZoneId(id, 0) } }) as const;

/** Places on bones, blades or zones that this animal has not. */
function lostSnag(skeleton: Skeleton, marking: Marking): readonly Snag[] {
  const { animal } = skeleton;
  const isThere = {
    skin: () => isOnSkin(skeleton, marking),
    blade: () => animal.blades?.some(({ id }) => id === marking.part) ?? false,
    feathers: () =>
      animal.coat.some(({ id, covering }) => id === marking.part && covering === 'feather'),
  }[markingOn(marking)];
  if (isThere()) return [];
  const facts = { marking: marking.name };
  return [{ ...common(marking), code: 'marking-lost', grade: 'watch', facts }];
}

/** Whether all places of a marking lie on one run, and are as many as it needs. */
function isOnSkin(skeleton: Skeleton, marking: Marking): boolean {
  const { kind, places } = marking;
  if (kind !== 'line' && kind !== 'patch') return regionOf(skeleton, marking) !== undefined;
  const run = places[0] && runOfBone(skeleton, places[0].boneId);
  const isEnough = kind === 'line' ? places.length > 1 : places.length === 1 || places.length > 2;
  return isEnough && places.every((place) => along(skeleton, run, place) !== undefined);
}

/** Drawn finer than a brush draws. */
function fineSnag(marking: Marking, lifePerModel: number): readonly Snag[] {
  const { kind, widthMm, bands, name } = marking;
  const drawn = ['line', 'stripes', 'zigzag', 'spots', 'wing-veins', 'wing-border', 'wing-dots'];
  const widths = [
    ...(drawn.includes(kind) ? [widthMm] : []),
    ...(kind === 'rings' ? bands.flatMap(({ colour, mm }) => (colour === null ? [] : [mm])) : []),
  ];
  const mm = Math.min(...widths) / lifePerModel;
  if (!(mm < FINEST_MM)) return [];
  return [
    {
      ...common(marking),
      ...{ code: 'marking-too-fine', grade: 'watch' },
      facts: { marking: name, mm, leastMm: FINEST_MM },
    },
  ];
}

/** Wholly under what comes after it. */
const hiddenSnag = ({ isHidden, marking, name }: MarkingEntry): readonly Snag[] =>
  isHidden
    ? [
        {
          ...common(marking),
          ...{ code: 'marking-hidden', grade: 'watch', facts: { marking: name } },
        },
      ]
    : [];

/** What the whole looks like: printed, cut out, or of too many colours. Of markings that the user made. */
function lookSnags(
  { skin }: MarkingInputs,
  markings: readonly Marking[],
  entries: readonly MarkingEntry[],
): readonly Snag[] {
  const whole = { stage: 'colour', grade: 'watch' } as const;
  const regular = markings.filter(
    ({ kind, vary, repeats }) =>
      (['spots', 'rosettes', 'eyespots'].includes(kind) ||
        (['rings', 'zigzag'].includes(kind) && (repeats ?? Infinity) >= REGULAR.many)) &&
      vary < REGULAR.vary,
  );
  const soft = new Set(
    skin.zones
      .filter(
        ({ zone, method }) =>
          ['hair', 'feather', 'down'].includes(zone.covering ?? 'hair') || isStuckOn(method),
      )
      .map(({ zone }) => zone.id),
  );
  const onSoft = entries.filter(
    ({ under, marking }) => under !== null && soft.has(under) && markingOn(marking) === 'skin',
  );
  const hard = onSoft.filter(({ marking }) => marking.edge === 'hard');
  const colours = new Set(entries.map(({ hex }) => hex)).size;
  const snags: Snag[] = [];
  const [first] = regular;
  if (first !== undefined)
    snags.push({
      ...{ ...whole, target: common(first).target, code: 'markings-too-regular' },
      facts: { markings: regular.map(({ name }) => name).join(', ') },
    });
  if (hard.length >= HARD.many && hard.length >= HARD.share * onSoft.length)
    snags.push({
      ...{ ...whole, target: common(hard[0]!.marking).target, code: 'edges-too-hard' },
      facts: { hard: hard.length, all: onSoft.length },
    });
  if (colours > MANY_COLOURS)
    snags.push({
      ...{ ...whole, code: 'too-many-colours', facts: { colours, most: MANY_COLOURS } },
    });
  return snags;
}
