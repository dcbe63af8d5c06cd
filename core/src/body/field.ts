/** A signed field round a body: negative inside, in the unit of its lengths. */
export type Field = (x: number, y: number, z: number) => number;
