/** A place on the skin: bone by key, share along it, degrees from the back towards the left. */
export type PlatePlace = readonly [bone: string, along: number, around: number];

/** A large plate of the skin with a place of its own: shields of a snake's head, plates of a crocodile's nape. */
export interface SkinPlate {
  /** What plates of this kind are called; there may be several. */
  readonly name: string;
  /** Its corners in their order, on the left or across the middle. */
  readonly outline: readonly PlatePlace[];
  /** Whether the right side has it too. */
  readonly paired: boolean;
}

/** Plates in one row along a bone, on the left and again on the right: as many, from one share of it to another. */
export const plateRow = (
  name: string,
  bone: string,
  many: number,
  [from, to]: readonly [number, number],
  [upper, lower]: readonly [number, number],
): readonly SkinPlate[] =>
  Array.from({ length: many }, (_, k): SkinPlate => {
    const at = (n: number): number => from + ((to - from) * n) / many;
    const outline: readonly PlatePlace[] = [
      [bone, at(k), upper],
      [bone, at(k + 0.94), upper],
      [bone, at(k + 0.94), lower],
      [bone, at(k), lower],
    ];
    return { name, paired: true, outline };
  });
