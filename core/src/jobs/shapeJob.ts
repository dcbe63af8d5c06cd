import { regionBuilds } from '../mass/buildUp.ts';
import { bodyShape, wireLines, type BodyShape } from '../mass/bodyShape.ts';
import type { WireLine } from '../mass/sectionCut.ts';
import { measuredSkeleton, type BodyDecisions } from '../measure/measuredSkeleton.ts';
import type { Piece } from '../piece/pieceSchema.ts';
import { settledStance, type StanceChoice } from '../posing/settledStance.ts';
import type { WirePlan } from '../wire/planWire.ts';
import { bodyDecisions } from './bodyJob.ts';
import type { Job, JobKind, Told } from './job.ts';

/** What the shape of a posed model is read from. */
export interface ShapeQuestion {
  readonly body: BodyDecisions;
  /** Model mm to one of life. */
  readonly sizeFactor: number;
  readonly stance: StanceChoice;
  /** How high a rod holds it above the base, mm. */
  readonly rodMm: number;
  readonly mass: Pick<Piece['mass'], 'shells' | 'shellMm' | 'cards' | 'vents'>;
  readonly zones: Piece['skin']['zones'];
  readonly wires: readonly WireLine[];
}

function answered(of: ShapeQuestion, fine: boolean, told?: Told): BodyShape {
  const skeleton = measuredSkeleton(of.body);
  const posed = settledStance(skeleton, of.stance, of.sizeFactor, of.rodMm);
  const builds = regionBuilds({ skeleton, mass: of.mass });
  return bodyShape({ posed, builds, mass: of.mass, zones: of.zones, wires: of.wires }, fine, told);
}

/** The posed model in its layers. */
export const shapeWork: JobKind<ShapeQuestion, BodyShape> = {
  run: (of, told) => answered(of, true, told),
  coarse: (of, told) => answered(of, false, told),
};

/** What the shape job is made from. */
export interface ShapeInputs {
  readonly measure: Piece['measure'];
  readonly stance: Piece['stance'];
  readonly mass: Piece['mass'];
  readonly skin: Piece['skin'];
  readonly lifePerModel: number;
  readonly wire: Pick<WirePlan, 'wires'>;
}

/** The shape of the model in its stance, at its scale, with its wires where they lie. */
export function shapeJob(of: ShapeInputs): Job<ShapeQuestion, BodyShape> {
  const { presetId, gait, anglesDeg, lifted, ground, base } = of.stance;
  const { shells, shellMm, cards, vents } = of.mass;
  const input: ShapeQuestion = {
    body: bodyDecisions(of.measure),
    sizeFactor: 1 / of.lifePerModel,
    stance: { presetId, gait, anglesDeg, lifted, ground },
    rodMm: base.rodMm,
    mass: { shells, shellMm, cards, vents },
    zones: of.skin.zones,
    wires: wireLines(of.wire.wires),
  };
  return { ...shapeWork, name: 'shape', key: JSON.stringify(input), input };
}
