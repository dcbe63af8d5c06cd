import * as say from './words.ts';
import type { ThingKind } from '../anatomy/thingKinds.ts';
import type { FittingMaterialId } from '../piece/fittingsSchema.ts';

/** How a kind of part is made, and what it is like where the animal's drawing does not show it. */
export interface FittingKind {
  /** Its outline: round like a ball, tapering to a tip, broad like a leaf, or cut like a block. */
  readonly shape: 'ball' | 'cone' | 'leaf' | 'block';
  /** Thickness at its base as a share of its length. */
  readonly thick: number;
  /** How far its tip has turned from its base, along a circle. */
  readonly curveDeg: number;
  /** Of what it is made where nothing is decided. */
  readonly material: FittingMaterialId;
  readonly how: string;
}

/** Kinds of parts; shares, curves and how they are made: common practice, from memory. */
const KINDS: Readonly<Record<ThingKind, FittingKind>> = {
  eye: { shape: 'ball', thick: 1, curveDeg: 0, material: 'clay', how: say.ballOf },
  ball: { shape: 'ball', thick: 1, curveDeg: 0, material: 'clay', how: say.ballOf },
  claw: { shape: 'cone', thick: 0.36, curveDeg: 95, material: 'clay', how: say.smallCone },
  nail: { shape: 'block', thick: 0.9, curveDeg: 0, material: 'clay', how: say.flatNail },
  hoof: { shape: 'block', thick: 0.85, curveDeg: 0, material: 'clay', how: say.block },
  tooth: { shape: 'cone', thick: 0.3, curveDeg: 20, material: 'clay', how: say.straightCone },
  horn: { shape: 'cone', thick: 0.25, curveDeg: 60, material: 'clay', how: say.hornCone },
  spike: { shape: 'cone', thick: 0.4, curveDeg: 20, material: 'clay', how: say.straightCone },
  plate: { shape: 'leaf', thick: 0.6, curveDeg: 10, material: 'clay', how: say.flatLeaf },
  boss: { shape: 'leaf', thick: 1.6, curveDeg: 0, material: 'clay', how: say.pressedDome },
  crest: { shape: 'leaf', thick: 0.5, curveDeg: 10, material: 'clay', how: say.flatLeaf },
  whisker: { shape: 'cone', thick: 0.03, curveDeg: 25, material: 'fibre', how: say.bristle },
  feeler: { shape: 'cone', thick: 0.04, curveDeg: 40, material: 'wire', how: say.bareWire },
  plume: { shape: 'leaf', thick: 0.06, curveDeg: 25, material: 'sheet', how: say.thinStrip },
  tuft: { shape: 'cone', thick: 0.2, curveDeg: 20, material: 'fibre', how: say.lockOfFibre },
  tongue: { shape: 'leaf', thick: 0.2, curveDeg: 15, material: 'clay', how: say.flatLeaf },
  ear: { shape: 'leaf', thick: 0.5, curveDeg: 20, material: 'clay', how: say.cuppedLeaf },
  wattle: { shape: 'leaf', thick: 0.7, curveDeg: 0, material: 'clay', how: say.flatLeaf },
  armour: { shape: 'leaf', thick: 0.8, curveDeg: 30, material: 'clay', how: say.armourPlate },
  rider: { shape: 'cone', thick: 0.5, curveDeg: 0, material: 'clay', how: say.riderApart },
  bill: { shape: 'cone', thick: 0.2, curveDeg: 4, material: 'clay', how: say.straightCone },
  mandible: { shape: 'cone', thick: 0.24, curveDeg: 50, material: 'clay', how: say.smallCone },
  'grown horn': { shape: 'cone', thick: 0.12, curveDeg: 90, material: 'clay', how: say.hornCone },
  'grown feeler': { shape: 'cone', thick: 0.03, curveDeg: 25, material: 'wire', how: say.bareWire },
};

/** How parts of a kind are made. */
export const kindOf = (kind: ThingKind): FittingKind => KINDS[kind];
