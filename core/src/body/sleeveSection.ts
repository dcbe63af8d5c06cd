import { add, scale, type Vec3 } from '../geometry/vec3.ts';

/** The section of a sleeve at a place of its axis, mm: measured from the axis, square to it. */
export interface SleeveSection {
  /** From the axis to the skin above (in limbs: in front) and below it (behind). */
  readonly above: number;
  readonly below: number;
  readonly half: number;
  /** Where it is widest: −1 at its lower edge, 0 halfway, 1 at its upper edge. */
  readonly widest: number;
  /** Exponents of the superellipses over and under the widest line; 2 is an ellipse. */
  readonly squareAbove: number;
  readonly squareBelow: number;
  /** How far its middle lies off the axis to the side. */
  readonly side: number;
}

/** A place of a posed axis with its frame: along it, up (in limbs: forward), and to the side. */
export interface AxisSample extends SleeveSection {
  readonly at: Vec3;
  readonly along: Vec3;
  readonly up: Vec3;
  readonly across: Vec3;
  /** The bone that it lies on, and how far along it. */
  readonly boneId: string;
  readonly share: number;
}

/** Half the height of a section, and how far its middle lies above the axis. */
export const halfHeight = ({ above, below }: SleeveSection): number => (above + below) / 2;
export const middleUp = ({ above, below }: SleeveSection): number => (above - below) / 2;

/** How far above the axis a section is widest. */
export const widestUp = (section: SleeveSection): number =>
  middleUp(section) + section.widest * halfHeight(section);

/** How far a dome stands out at an end. */
export const domeLength = (section: SleeveSection): number =>
  Math.min(halfHeight(section), section.half);

/** The middle of a section in space. */
export const sectionMiddle = (sample: AxisSample): Vec3 =>
  sectionPoint(sample, middleUp(sample), sample.side);

/** A point of a section's plane: so far above the axis and to its side. */
export const sectionPoint = ({ at, up, across }: AxisSample, above: number, side: number): Vec3 =>
  add(at, add(scale(up, above), scale(across, side)));

/** The outline of a section from its widest place on, as points above and beside the axis. */
export function sectionOutline(
  section: SleeveSection,
  points: number,
  grow = 1,
): readonly (readonly [above: number, side: number])[] {
  const line = widestUp(section);
  const middle = middleUp(section);
  return Array.from({ length: points }, (_, i) => {
    const angle = (2 * Math.PI * i) / points;
    const [c, s] = [Math.cos(angle), Math.sin(angle)];
    const reach = s >= 0 ? section.above - line : section.below + line;
    const e = s >= 0 ? section.squareAbove : section.squareBelow;
    const up = line + reach * rounded(s, e);
    return [middle + grow * (up - middle), section.side + grow * section.half * rounded(c, e)];
  });
}

/** A coordinate of a circle as one of a superellipse. */
const rounded = (v: number, e: number): number =>
  e === 2 ? v : Math.sign(v) * Math.abs(v) ** (2 / e);

/** Areas of half superellipses of half axes 1, by exponent; an ellipse's is π/2. */
const halfAreas = new Map<number, number>([[2, Math.PI / 2]]);
const AREA_STEPS = 128;

/** Area over the widest line of |y|ᵉ + |z|ᵉ = 1, as half the integral of the squared radius round it. */
function halfArea(e: number): number {
  const known = halfAreas.get(e);
  if (known !== undefined) return known;
  let sum = 0;
  for (let i = 0; i < AREA_STEPS; i++) {
    const angle = ((i + 0.5) * Math.PI) / (2 * AREA_STEPS);
    sum += (Math.cos(angle) ** e + Math.sin(angle) ** e) ** (-2 / e);
  }
  const area = (sum * Math.PI) / (2 * AREA_STEPS);
  halfAreas.set(e, area);
  return area;
}

/** Area of a section, mm². */
export function sectionArea(section: SleeveSection): number {
  const line = widestUp(section);
  const over = (section.above - line) * halfArea(section.squareAbove);
  return section.half * (over + (section.below + line) * halfArea(section.squareBelow));
}
