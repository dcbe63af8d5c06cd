import * as say from './words.ts';
import {
  dragJoint,
  dragReach,
  dragTrunk,
  groundHeight,
  liftedIn,
  project,
  SNAP_MM,
  unproject,
  type PagePoint,
  type Workpiece,
  type Vec3,
  type View,
  raisedMm,
} from '@keen-sinew/core';
import { computed, ref } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useSelection } from '../../composables/useSelection.ts';
import { withFoot, withStance, withTurn } from './stanceChanges.ts';

/** What a pointer asks for: the next document, and in words what is done. */
interface Asked {
  readonly label: string;
  readonly recipe: (piece: Workpiece) => Workpiece;
  readonly shortfallMm: number;
  readonly share: number;
}

/** One elevation, and what a drag in it does. */
interface Dragging {
  readonly view: View;
  readonly drags: 'turn' | 'reach' | 'trunk';
  readonly pointIn: (event: PointerEvent) => PagePoint;
}

/** What is told while a drag goes on. */
interface Telling {
  readonly told: (sentence: { shortfallMm: number; share: number }) => void;
  readonly dragging: (now: boolean) => void;
}

/** The handles of one elevation and their drags: a joint, a whole limb, or the trunk. */
// eslint-disable-next-line max-lines-per-function -- one drag: its ways share where it began
export function useStanceDrag(props: Dragging, emit: Telling) {
  const { piece, plan, change, preview } = usePiecePlan();
  const { pick } = useSelection();
  const dragged = ref<string | null>(null);
  /** The document and the place at which a drag began. */
  let began: { readonly piece: Workpiece; readonly at: PagePoint } | null = null;

  const BACK_TO_FRONT = { right: 0, mid: 1, left: 2 } as const;
  const trunkKeys = computed(() => plan.value.measure.skeleton.plan.parts[0]?.keys ?? []);
  const handles = computed(() =>
    plan.value.stance.posed.bones
      .filter(({ bone }) =>
        props.drags === 'trunk'
          ? bone.side === 'mid' && trunkKeys.value.includes(bone.key)
          : bone.parent !== null && bone.key !== 'pelvis',
      )
      // Near handles last, so that they lie on top. The order never follows the pose: a handle that is
      // moved in the document while it is dragged would lose the pointer.
      .toSorted((a, b) => BACK_TO_FRONT[a.bone.side] - BACK_TO_FRONT[b.bone.side])
      .map((at) => ({ id: at.bone.id, name: at.bone.name, at: project(props.view, at.end) })),
  );

  const ORIGIN: Vec3 = [0, 0, 0];
  /** A pointer's place in the animal's axes as the view shows it; what it does not show is 0. */
  const inAnimal = (at: PagePoint): Vec3 => unproject(props.view, at, ORIGIN);
  /** The two coordinates that the view shows, in the order in which the core takes them. */
  function shown([x, y, z]: Vec3): readonly [number, number] {
    if (props.view === 'side') return [x, y];
    return props.view === 'front' ? [z, y] : [x, z];
  }

  function asked(event: PointerEvent): Asked | undefined {
    if (dragged.value === null || began === null) return undefined;
    const at = props.pointIn(event);
    if (props.drags === 'trunk') return trunk(began.piece, began.at, at);
    const pointer = shown(inAnimal(at));
    return props.drags === 'reach' ? reach(dragged.value, pointer) : joint(dragged.value, pointer);
  }

  const size = (): number => 1 / plan.value.measure.lifePerModel;

  function joint(id: string, pointer: readonly [number, number]): Asked | undefined {
    const { skeleton } = plan.value.measure;
    const { stance } = piece.value;
    const result = dragJoint(
      skeleton,
      stance,
      size(),
      id,
      props.view,
      pointer,
      stance.beyondLimits,
      stance.locked,
    );
    if (result === undefined) return undefined;
    const name = skeleton.byId.get(result.boneId)?.joint.name ?? 'joint';
    return {
      label: say.turn(name.toLowerCase()),
      recipe: (p) => withTurn(p, skeleton, result.boneId, result.freedom, result.deg),
      shortfallMm: 0,
      share: 1,
    };
  }

  function reach(id: string, pointer: readonly [number, number]): Asked | undefined {
    const { skeleton } = plan.value.measure;
    const { stance } = piece.value;
    const foot = skeleton.plan.contacts.find(({ bone }) => bone === id);
    if (foot !== undefined && stance.locked.includes(foot.id)) return undefined;
    const result = dragReach(
      skeleton,
      stance,
      size(),
      raisedMm(stance),
      id,
      props.view,
      pointer,
      stance.beyondLimits,
      stance.locked,
    );
    return {
      label: say.reachWith((skeleton.byId.get(id)?.name ?? 'limb').toLowerCase()),
      recipe: (p) =>
        footSet(
          withStance(p, { anglesDeg: { ...result.anglesDeg } }),
          id,
          pointer,
          result.shortfallMm,
        ),
      shortfallMm: result.shortfallMm,
      share: 1,
    };
  }

  /** A foot that is let go near the ground and gets there is down; one held clear of it is lifted. */
  function footSet(
    next: Workpiece,
    boneId: string,
    pointer: readonly [number, number],
    shortfallMm: number,
  ): Workpiece {
    if (props.view === 'top') return next;
    const { skeleton } = plan.value.measure;
    const foot = plan.value.stance.feet.find(
      ({ contact }) => contact.bone === boneId && contact.kind === 'foot',
    );
    if (foot === undefined) return next;
    const x = props.view === 'side' ? pointer[0] : foot.ball[0];
    const pad = foot.ball[1] - foot.gapMm - foot.groundMm;
    const clear = pointer[1] - Math.max(0, pad) - groundHeight(next.stance.ground, x);
    const down = clear <= SNAP_MM && shortfallMm <= SNAP_MM;
    return withFoot(next, liftedIn(skeleton, next.stance), foot.contact.id, down);
  }

  function trunk(from: Workpiece, start: PagePoint, at: PagePoint): Asked {
    const [a, b] = [inAnimal(start), inAnimal(at)];
    const by: Vec3 = [b[0] - a[0], b[1] - a[1], b[2] - a[2]];
    const result = dragTrunk(
      plan.value.measure.skeleton,
      from.stance,
      size(),
      by,
      from.stance.beyondLimits,
      from.stance.locked,
    );
    return {
      label: say.moveTrunk,
      recipe: (p) => withStance(p, { anglesDeg: { ...result.anglesDeg } }),
      shortfallMm: 0,
      share: result.share,
    };
  }

  function start(event: PointerEvent, id: string): void {
    (event.target as Element).setPointerCapture(event.pointerId);
    emit.dragging(true);
    dragged.value = id;
    began = { piece: piece.value, at: props.pointIn(event) };
    pick({ kind: 'bone', id });
  }

  function drag(event: PointerEvent): void {
    const next = asked(event);
    if (next === undefined) return;
    preview(next.recipe);
    emit.told(next);
  }

  /** Ends a drag once: losing the pointer follows letting go. */
  function finish(event: PointerEvent): void {
    if (dragged.value === null) return;
    const next = asked(event);
    dragged.value = null;
    began = null;
    emit.dragging(false);
    preview(null);
    emit.told({ shortfallMm: 0, share: 1 });
    if (next) change(next.label, next.recipe);
  }
  return { handles, dragged, start, drag, finish };
}
