<script setup lang="ts">
import * as say from './words.ts';
import { dragInSpace, type Sight, type Workpiece, raisedMm } from '@keen-sinew/core';
import { computed, shallowRef, watch } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useSelection } from '../../composables/useSelection.ts';
import type { SkeletonTurning } from '../../sheet/SkeletonTurning.ts';
import HintText from '../../kit/HintText.vue';
import SpaceBox from '../../sheet/SpaceBox.vue';
import { withTurn } from './stanceChanges.ts';

/** The stance in space, beside the elevations: it is turned, and its joints are dragged. */
const { piece, plan, change, preview } = usePiecePlan();
const { pick } = useSelection();
const view = shallowRef<SkeletonTurning | null>(null);

interface Asked {
  readonly label: string;
  readonly recipe: (piece: Workpiece) => Workpiece;
}
/** What the drag that goes on asks for, and the bone whose end is held. */
let asked: Asked | null = null;
let held = '';

function turnBy(sight: Sight): Asked | null {
  const { skeleton, lifePerModel } = plan.value.measure;
  const { stance } = piece.value;
  const { beyondLimits, locked } = stance;
  const found = dragInSpace(
    skeleton,
    stance,
    1 / lifePerModel,
    raisedMm(stance),
    held,
    sight,
    beyondLimits,
    locked,
  );
  if (found === undefined) return null;
  const name = skeleton.byId.get(found.boneId)?.joint.name ?? 'joint';
  return {
    label: say.turn(name.toLowerCase()),
    recipe: (p) => withTurn(p, skeleton, found.boneId, found.freedom, found.deg),
  };
}

const drag = {
  started(boneId: string): void {
    held = boneId;
    asked = null;
    pick({ kind: 'bone', id: boneId });
  },
  moved(sight: Sight): void {
    asked = turnBy(sight) ?? asked;
    if (asked !== null) preview(asked.recipe);
  },
  ended(): void {
    preview(null);
    if (asked !== null) change(asked.label, asked.recipe);
    asked = null;
  },
};
const load = async (box: HTMLElement): Promise<SkeletonTurning> => {
  const { SkeletonTurning: Turning } = await import('../../sheet/SkeletonTurning.ts');
  return new Turning(box, drag);
};
const scene = computed(() => {
  const { surface, stance } = plan.value;
  const form = surface === null ? null : { skin: surface.skin.mesh, apart: surface.apart };
  return { posed: stance.posed, form };
});
watch([view, scene], () => view.value?.show(scene.value));
</script>

<template>
  <SpaceBox :label="say.stanceInSpaceWithJoints" :load="load" @ready="view = $event">
    <HintText>{{ say.dragJointInSpace }}</HintText>
  </SpaceBox>
</template>
