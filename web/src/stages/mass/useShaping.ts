import {
  sectionKey,
  shapedParts,
  type SectionStation,
  type Shape,
  type ShapedPart,
} from '@keen-sinew/core';
import { computed, ref, type ComputedRef, type Ref } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { withShape } from './shapeChanges.ts';

/** A section that can be taken hold of. */
export interface StationRef {
  readonly boneId: string;
  /** Under which its list is kept. */
  readonly key: string;
  readonly index: number;
  readonly station: SectionStation;
  readonly name: string;
}

export interface Shaping {
  readonly parts: ComputedRef<readonly ShapedPart[]>;
  readonly part: ComputedRef<ShapedPart | undefined>;
  readonly partId: Ref<string>;
  readonly stations: ComputedRef<readonly StationRef[]>;
  readonly chosen: Ref<number>;
  readonly station: ComputedRef<StationRef | undefined>;
  readonly shape: ComputedRef<Shape>;
  readonly put: (what: string, next: Shape) => void;
}

/**
 * The part of the body that is being shaped, its sections, and the chosen one of them; with `only`, of the part that
 * bears bones of these keys, and of those alone.
 */
export function useShaping(only?: () => readonly string[]): Shaping {
  const { piece, plan, change } = usePiecePlan();
  const partId = ref('');
  const chosen = ref(0);
  const shape = computed(() => piece.value.measure.shape);
  const library = computed(() => plan.value.measure.librarySkeleton);
  const parts = computed(() => {
    const all = shapedParts(library.value, shape.value);
    if (only === undefined) return all;
    const keys = only();
    return all.flatMap((of) => {
      const bones = of.bones.filter(({ key }) => keys.includes(key));
      return bones.length === 0 ? [] : [{ ...of, bones }];
    });
  });
  const part = computed(
    () => parts.value.find((part) => part.id === partId.value) ?? parts.value[0],
  );
  const stations = computed((): readonly StationRef[] => {
    if (!part.value?.taken) return [];
    // On the near side, and where the sides are apart on the far one too.
    const far = part.value.apart
      ? library.value.bones.filter(
          (bone) =>
            bone.side === 'right' && part.value!.bones.some((entry) => entry.key === bone.key),
        )
      : [];
    return [...part.value.bones, ...far].flatMap((bone) => {
      const key = sectionKey(shape.value, bone);
      return (shape.value.sections[key] ?? []).map((station, index) => ({
        boneId: bone.id,
        key,
        index,
        station,
        name: part.value!.apart ? bone.name : bone.plainName,
      }));
    });
  });
  const station = computed(() => stations.value[Math.min(chosen.value, stations.value.length - 1)]);
  const put = (what: string, next: Shape): void => change(what, (p) => withShape(p, next));
  return { parts, part, partId, stations, chosen, station, shape, put };
}
