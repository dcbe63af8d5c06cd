import { cross, dot, unit, Y_AXIS, type Vec3 } from '../geometry/vec3.ts';

/** The sides that a finished form is drawn from. */
export const RELIEF_VIEWS = ['side', 'front', 'top', 'back', 'three-quarter'] as const;
export type ReliefView = (typeof RELIEF_VIEWS)[number];

/** Right and top of the page, and towards the viewer: unit, in the animal's axes. */
export interface ViewFrame {
  readonly right: Vec3;
  readonly up: Vec3;
  readonly towards: Vec3;
}

/** Seen from the animal's left front, a little from above. */
const THREE_QUARTER = unit([0.66, 0.3, -0.69]);

const level = (towards: Vec3): ViewFrame => {
  const right = unit(cross(Y_AXIS, towards));
  return { right, up: cross(towards, right), towards };
};

/** Where the page lies in each view; side, front and top as the elevations have them. */
export const VIEW_FRAMES: Readonly<Record<ReliefView, ViewFrame>> = {
  side: level([0, 0, -1]),
  front: level([1, 0, 0]),
  back: level([-1, 0, 0]),
  top: { right: [-1, 0, 0], up: [0, 0, 1], towards: [0, 1, 0] },
  'three-quarter': level(THREE_QUARTER),
};

/** A point on the page of a view, mm. */
export const onPage = ({ right, up }: ViewFrame, p: Vec3): readonly [number, number] => [
  dot(right, p),
  dot(up, p),
];
