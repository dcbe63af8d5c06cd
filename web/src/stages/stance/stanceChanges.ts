import * as say from './words.ts';
import {
  gaitOf,
  heldFeet,
  rockOf,
  type FreedomName,
  type Ground,
  type Workpiece,
  type Skeleton,
} from '@keen-sinew/core';

type Stance = Workpiece['stance'];

/** The document with part of its stance changed. */
export const withStance = (piece: Workpiece, part: Partial<Stance>): Workpiece => ({
  ...piece,
  stance: { ...piece.stance, ...part },
});

/** The document with one joint angle set, in degrees. */
export function withAngle(
  piece: Workpiece,
  boneId: string,
  freedom: FreedomName,
  deg: number,
): Workpiece {
  const { anglesDeg } = piece.stance;
  return withStance(piece, {
    anglesDeg: { ...anglesDeg, [boneId]: { ...anglesDeg[boneId], [freedom]: deg } },
  });
}

/** The document with one joint angle set, and the feet that are locked kept where they stand. */
export function withTurn(
  piece: Workpiece,
  skeleton: Skeleton,
  boneId: string,
  freedom: FreedomName,
  deg: number,
): Workpiece {
  const next = withAngle(piece, boneId, freedom, deg);
  const { locked, beyondLimits } = piece.stance;
  const { anglesDeg } = heldFeet(
    skeleton,
    piece.stance,
    next.stance,
    locked,
    [boneId],
    beyondLimits,
  );
  return withStance(next, { anglesDeg: { ...anglesDeg } });
}

/** The document with one joint angle given back to the stance. */
export function withoutAngle(piece: Workpiece, boneId: string, freedom: FreedomName): Workpiece {
  const { [freedom]: _gone, ...rest } = piece.stance.anglesDeg[boneId] ?? {};
  const others = Object.fromEntries(
    Object.entries(piece.stance.anglesDeg).filter(([id]) => id !== boneId),
  );
  return withStance(piece, {
    anglesDeg: Object.keys(rest).length > 0 ? { ...others, [boneId]: rest } : others,
  });
}

/** The document with a foot meant to be down or lifted. */
export function withFoot(
  piece: Workpiece,
  lifted: readonly string[],
  foot: string,
  down: boolean,
): Workpiece {
  const without = lifted.filter((id) => id !== foot);
  return withStance(piece, { lifted: down ? without : [...without, foot] });
}

/** A stance of the plan from its own angles; the way back is undo. */
export const withPreset = (piece: Workpiece, presetId: string): Workpiece =>
  withStance(piece, { presetId, gait: null, anglesDeg: {}, lifted: null });

/** A moment of a gait; another gait starts from its own angles, another moment keeps the user's. */
export const withMoment = (piece: Workpiece, id: string, moment: number): Workpiece =>
  piece.stance.gait?.id === id
    ? withStance(piece, { gait: { ...piece.stance.gait, moment } })
    : withStance(piece, {
        gait: { id, moment, strideMm: null },
        anglesDeg: {},
        lifted: null,
      });

/** A stride of one's own for the gait that is chosen, life mm; null for its usual one. */
export const withStride = (piece: Workpiece, strideMm: number | null): Workpiece =>
  piece.stance.gait === null
    ? piece
    : withStance(piece, { gait: { ...piece.stance.gait, strideMm } });

/** A joint that drags leave alone, or a foot that stays where it stands; or no longer. */
export function withLock(piece: Workpiece, id: string, locked: boolean): Workpiece {
  const others = piece.stance.locked.filter((entry) => entry !== id);
  return withStance(piece, { locked: locked ? [...others, id] : others });
}

/** What the stance is called: its gait and moment, or its stance. */
export function stanceName(skeleton: Skeleton, { gait, presetId }: Stance): string {
  const spec = gait ? gaitOf(skeleton, gait.id) : undefined;
  if (spec !== undefined) return `${spec.name}, ${Math.round(gait!.moment * 100)} %`;
  return skeleton.plan.stances.find(({ id }) => id === presetId)?.name ?? say.ownStance;
}

/** What ground is called when it is chosen; a branch is a log above the base. */
export type GroundKind = Ground['kind'] | 'branch';

/** Ground of a kind to start with, as large as suits a body of this length and height, mm. */
export function groundOf(
  kind: GroundKind,
  frontX: number,
  rearX: number,
  tall: number,
  feetRearX = frontX,
): Ground {
  const round = (mm: number): number => Math.max(1, Math.round(mm));
  switch (kind) {
    case 'flat':
      return { kind };
    case 'slope':
      return { kind, deg: 10, fromMm: Math.round(rearX) };
    case 'step':
      return { kind, riseMm: round(tall * 0.12), fromMm: Math.round((frontX + rearX) / 2) };
    case 'log':
      return {
        kind,
        // Under the forefeet.
        atMm: Math.round(frontX),
        topMm: round(tall * 0.2),
        diameterMm: round(tall * 0.2),
        acrossMm: null,
      };
    case 'branch':
      return {
        kind: 'log',
        atMm: Math.round((frontX + feetRearX) / 2),
        topMm: round(tall * 0.6),
        diameterMm: round(tall * 0.12),
        acrossMm: null,
      };
    case 'post':
      return {
        kind,
        atMm: Math.round((frontX + feetRearX) / 2),
        topMm: round(tall * 0.6),
        diameterMm: round(tall * 0.3),
      };
    case 'rock':
      return rockOf(
        'boulder',
        Math.round(Math.min(rearX, feetRearX - 0.3 * tall)),
        Math.round(frontX + 0.3 * tall),
        round(tall * 0.22),
      );
  }
}
