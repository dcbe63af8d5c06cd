import type { FreedomName, Piece } from '@keen-sinew/core';

/** The document with one joint angle set, in degrees. */
export function withAngle(piece: Piece, boneId: string, freedom: FreedomName, deg: number): Piece {
  const { anglesDeg } = piece.stance;
  return {
    ...piece,
    stance: {
      ...piece.stance,
      anglesDeg: { ...anglesDeg, [boneId]: { ...anglesDeg[boneId], [freedom]: deg } },
    },
  };
}

/** The document with one joint angle given back to the stance. */
export function withoutAngle(piece: Piece, boneId: string, freedom: FreedomName): Piece {
  const { [freedom]: _gone, ...rest } = piece.stance.anglesDeg[boneId] ?? {};
  const others = Object.fromEntries(
    Object.entries(piece.stance.anglesDeg).filter(([id]) => id !== boneId),
  );
  const anglesDeg = Object.keys(rest).length > 0 ? { ...others, [boneId]: rest } : others;
  return { ...piece, stance: { ...piece.stance, anglesDeg } };
}

/** The document with a foot meant to be down or lifted. */
export function withFoot(
  piece: Piece,
  lifted: readonly string[],
  foot: string,
  down: boolean,
): Piece {
  const without = lifted.filter((id) => id !== foot);
  return {
    ...piece,
    stance: { ...piece.stance, lifted: down ? without : [...without, foot] },
  };
}
