import { raisedMm } from '../posing/raisedMm.ts';
import type { CoatChoice } from '../body/undersize.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import type { BodyShape } from '../mass/bodyShape.ts';
import { wireLines, type WireLine } from '../mass/wireLines.ts';
import type { BodyDecisions } from '../measure/measuredSkeleton.ts';
import type { StanceChoice } from '../posing/settledStance.ts';
import type { WirePlan } from '../wire/wirePlan.ts';
import { bodyDecisions } from './bodyJob.ts';
import type { Job } from './job.ts';
import { stanceRead } from './surfaceJob.ts';

/** What the shape of a posed model is read from. */
export interface ShapeQuestion {
  readonly body: BodyDecisions;
  /** Model mm to one of life. */
  readonly sizeFactor: number;
  readonly stance: StanceChoice;
  /** How high a rod holds it above the base, mm. */
  readonly rodMm: number;
  readonly mass: Pick<Workpiece['mass'], 'shells' | 'shellMm' | 'cards' | 'vents'>;
  readonly skin: CoatChoice;
  readonly wires: readonly WireLine[];
}

/** What the shape job is made from. */
export interface ShapeInputs {
  readonly measure: Workpiece['measure'];
  readonly stance: Workpiece['stance'];
  readonly mass: Workpiece['mass'];
  readonly skin: Workpiece['skin'];
  readonly lifePerModel: number;
  readonly wire: Pick<WirePlan, 'wires'>;
}

/** The shape of the model in its stance, at its scale, with its wires where they lie. */
export function shapeJob(of: ShapeInputs): Job<ShapeQuestion, BodyShape> {
  const { shells, shellMm, cards, vents } = of.mass;
  const input: ShapeQuestion = {
    body: bodyDecisions(of.measure),
    sizeFactor: 1 / of.lifePerModel,
    stance: stanceRead(of.stance),
    rodMm: raisedMm(of.stance),
    mass: { shells, shellMm, cards, vents },
    skin: { zones: of.skin.zones, backingMm: of.skin.backingMm },
    wires: wireLines(of.wire.wires),
  };
  return { name: 'shape', key: JSON.stringify(input), input, twoSteps: true };
}
