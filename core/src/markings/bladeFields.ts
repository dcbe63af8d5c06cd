import type { Marking } from '../anatomy/marking.ts';
import type { Point2 } from '../geometry/hull.ts';
import { toPolyline } from './lineFields.ts';

/** A thin wing or fin laid flat, life mm: its root at the origin, its farthest point on the x axis. */
export interface FlatBlade {
  readonly outline: readonly Point2[];
  readonly ribs: readonly (readonly [Point2, Point2])[];
  readonly longMm: number;
}

/** How far outside each colour of a marking a point of a blade lies, life mm; negative inside. */
export type BladeField = (p: Point2) => readonly number[];

/** What lies nearer to the root than this share of the length is no border. */
const ROOT = 0.1;

/** How a marking lies on a blade; undefined for one of the skin or of feathers. */
export function bladeField(marking: Marking, blade: FlatBlade): BladeField | undefined {
  const { kind, widthMm, stepMm, lengthMm, share, colours } = marking;
  const { outline, ribs, longMm } = blade;
  switch (kind) {
    case 'wing-border': {
      const free = outline.filter((p) => Math.hypot(...p) > ROOT * longMm);
      return (p) => [toPolyline(p, free, false) - widthMm];
    }
    case 'wing-veins':
      return (p) => [Math.min(...ribs.map((rib) => toPolyline(p, rib, false))) - widthMm / 2];
    case 'wing-dots': {
      const middles = cellMiddles(ribs, share);
      return (p) => [
        Math.min(...middles.map(([x, y]) => Math.hypot(p[0] - x, p[1] - y))) - widthMm / 2,
      ];
    }
    case 'wing-bars':
      return (p) => {
        const t = Math.hypot(...p) / stepMm;
        return [Math.abs(t - Math.floor(t) - 0.5) * stepMm - widthMm / 2];
      };
    case 'wing-tip':
      return (p) => [share * longMm - p[0]];
    case 'wing-spot': {
      const middle: Point2 = [share * longMm, lengthMm];
      return (p) => {
        const far = Math.hypot(p[0] - middle[0], p[1] - middle[1]);
        return colours.map((_, i) => far - (widthMm / 2) * (1 - i / colours.length));
      };
    }
    default:
      return undefined;
  }
}

/** The middles between neighbouring ribs, at a share of their way out. */
export const cellMiddles = (ribs: FlatBlade['ribs'], share: number): readonly Point2[] =>
  ribs.slice(1).map((rib, i): Point2 => {
    const [a, b] = [onRib(ribs[i]!, share), onRib(rib, share)];
    return [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2];
  });

const onRib = ([from, to]: readonly [Point2, Point2], t: number): Point2 => [
  from[0] + (to[0] - from[0]) * t,
  from[1] + (to[1] - from[1]) * t,
];
