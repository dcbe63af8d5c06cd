/** Where a lamp stands, degrees: round the animal from before it towards its left, and above the table. */
export interface LampPlace {
  readonly aroundDeg: number;
  readonly upDeg: number;
}

/** From its left, a little from before, and high. */
export const LAMP: LampPlace = Object.freeze({ aroundDeg: 65, upDeg: 55 });

/** The way to a lamp, unit: x ahead of the animal, y up, z to its right. */
export function lampWay({ aroundDeg, upDeg }: LampPlace): [x: number, y: number, z: number] {
  const [around, up] = [(aroundDeg * Math.PI) / 180, (upDeg * Math.PI) / 180];
  const level = Math.cos(up);
  return [level * Math.cos(around), Math.sin(up), -level * Math.sin(around)];
}
