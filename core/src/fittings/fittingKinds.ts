import { hornMm3 } from './curves.ts';
import * as say from './words.ts';

/** What a part made apart is shaped like. */
export const FITTING_SHAPES = ['ball', 'cone', 'spike', 'nail', 'block', 'strip'] as const;
export type FittingShape = (typeof FITTING_SHAPES)[number];

/** How a kind of part is shaped: how thick for its length, how far round it curves, and how it is made. */
export interface FittingKind {
  readonly shape: FittingShape;
  /** Thickness at its base as a share of its length. */
  readonly thick: number;
  /** How far its tip has turned from its base, along a circle. */
  readonly curveDeg: number;
  readonly how: string;
}

/** Kinds by what their names in the library begin or end with; shares and curves from memory. */
const KINDS: readonly (readonly [ending: RegExp, kind: FittingKind])[] = [
  [/claws$/, { shape: 'cone', thick: 0.36, curveDeg: 95, how: say.smallCone }],
  [/^fangs$/, { shape: 'cone', thick: 0.2, curveDeg: 60, how: say.smallCone }],
  [/^teeth$/, { shape: 'spike', thick: 0.34, curveDeg: 12, how: say.straightCone }],
  [/nails$/, { shape: 'nail', thick: 0.9, curveDeg: 0, how: say.flatNail }],
  [/^hooves$/, { shape: 'block', thick: 0.85, curveDeg: 0, how: say.block }],
  [/^bill$/, { shape: 'spike', thick: 0.2, curveDeg: 4, how: say.straightCone }],
  [/^mandibles$/, { shape: 'cone', thick: 0.24, curveDeg: 50, how: say.smallCone }],
  [/^(plumes|antennae)$/, { shape: 'strip', thick: 0.03, curveDeg: 25, how: say.thinStrip }],
  [/eyes$/, { shape: 'ball', thick: 1, curveDeg: 0, how: say.ballOf }],
];

/** The kind of a part by its id in the library; a bent cone where none is known. */
export const kindOf = (featureId: string): FittingKind =>
  KINDS.find(([ending]) => ending.test(featureId))?.[1] ?? {
    shape: 'cone',
    thick: 0.3,
    curveDeg: 30,
    how: say.smallCone,
  };

/**
 * Volume in mm³ of a part of a length and a thickness at its base: balls and cones (solid geometry), a block of
 * three fifths of its box, a nail a fifth as thick as wide; a strip is not of clay.
 */
export function shapeMm3(shape: FittingShape, lengthMm: number, thickMm: number): number {
  switch (shape) {
    case 'ball':
      return (Math.PI * lengthMm ** 3) / 6;
    case 'cone':
    case 'spike':
      return hornMm3(lengthMm, thickMm / 2, 0);
    case 'nail':
      return thickMm * lengthMm * (thickMm / 5);
    case 'block':
      return 0.6 * thickMm ** 2 * lengthMm;
    case 'strip':
      return 0;
  }
}
