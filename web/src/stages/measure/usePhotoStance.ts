import * as tell from './roomWords.ts';
import {
  recoverStance,
  stanceAngles,
  stanceDrawing,
  stanceToSend,
  type Picture,
} from '@keen-sinew/core';
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { usePictureDesk } from '../../pictures/usePictureDesk.ts';
import { usePictureImage } from '../../pictures/usePictureImage.ts';

/** The photograph that is chosen, the stance that comes of it, and how it is sent on. */
// eslint-disable-next-line max-lines-per-function -- one photograph: all of it follows from the choice
export function usePhotoStance() {
  const { piece, plan, change } = usePiecePlan();
  const router = useRouter();
  const photos = computed(() =>
    piece.value.references.pictures.filter((picture) => picture.view === 'photo'),
  );
  const chosenId = ref<string | undefined>(photos.value[0]?.id);
  const desk = usePictureDesk(computed(() => chosenId.value ?? photos.value[0]?.id ?? 'none'));
  const picture = computed<Picture | null>(() =>
    photos.value.length === 0 ? null : desk.picture.value,
  );
  const { image, problem } = usePictureImage(() => piece.value.id, picture);
  const skeleton = computed(() => plan.value.measure.skeleton);
  const startId = ref(skeleton.value.plan.stances[0]!.id);
  const starts = computed(() =>
    skeleton.value.plan.stances.map(({ id, name }) => ({ label: name, value: id })),
  );
  const start = computed(() =>
    stanceAngles(skeleton.value, { presetId: startId.value, anglesDeg: {}, lifted: null }),
  );
  const found = computed(
    () => picture.value && recoverStance(skeleton.value, picture.value, start.value),
  );
  const rows = computed(() => {
    const angles = found.value?.angles;
    if (!angles) return [];
    const n = plan.value.measure.lifePerModel;
    const of = (view: 'side' | 'front' | 'top') =>
      stanceDrawing(skeleton.value, startId.value, angles, view, n);
    return [[of('side'), of('front')], [of('top')]];
  });
  const strokes = computed(() => {
    const bad = new Set(found.value?.impossible.map(({ bone }) => bone.id));
    return desk.strokes.value
      .filter((stroke) => !stroke.ends)
      .map((stroke) => (bad.has(stroke.id) ? { ...stroke, ink: 'alarm' as const } : stroke));
  });

  function flip(boneId: string): void {
    const bone = found.value?.bones.find((entry) => entry.bone.id === boneId);
    if (bone === undefined) return;
    desk.put(tell.turn(bone.bone.name, bone.nearer === 1 ? 'away' : 'nearer'), ({ nearer }) => ({
      nearer: { ...nearer, [boneId]: bone.nearer === 1 ? -1 : 1 },
    }));
  }

  function send(): void {
    const angles = found.value?.angles;
    if (!angles) return;
    const sent = stanceToSend(skeleton.value, startId.value, angles);
    change(tell.takeStanceFromPhotograph, (p) => ({
      ...p,
      stance: {
        ...p.stance,
        presetId: startId.value,
        gait: null,
        ...sent,
        lifted: sent.lifted && [...sent.lifted],
      },
    }));
    void router.push(`/piece/${piece.value.id}/stance`);
  }
  return {
    ...{ piece, photos, picture, image, problem, skeleton, chosenId },
    ...{ startId, starts, found, rows, strokes, flip, send },
  };
}
