/** The one public face of the core. Interface, server and scripts import from here only. */
export { planPiece, type Plan } from './plan.ts';

export { parseLength } from './units/parseLength.ts';
export { parseMass, parseMinutes, parseTemperature } from './units/parseMeasure.ts';
export { parseNumber, parseScale } from './units/parseNumber.ts';
export { parseWireSize } from './units/parseWireSize.ts';
export { accepted, problemSentence, refused, type Parsed, type Problem } from './units/problem.ts';
export { formatQuantity, quantityText, type Unit, type UnitSystem } from './units/quantity.ts';
export { sizeText, type WireSize } from './units/gauges.ts';

export type { PagePoint } from './sheets/drawing.ts';
export type { Vec3 } from './geometry/vec3.ts';

export { ANIMALS, animalById, planById } from './anatomy/registry.ts';
export { FREEDOMS, type Freedom, type FreedomName, type Side } from './anatomy/bodyPlan.ts';
export type { Bone, Skeleton } from './anatomy/skeleton.ts';
export type { JointAngles } from './anatomy/pose.ts';

export { bodyGrid, type BodyGrid } from './body/bodyGrid.ts';

export {
  pieceSchema,
  LIFE_LENGTH_LIMITS,
  MODEL_LENGTH_LIMITS,
  PIECE_FORMAT,
  type Piece,
  COAT_METHODS,
  type ClayChoice,
  type ScaleChoice,
  type StepDone,
  type StockEntry,
  type WireChoice,
} from './piece/pieceSchema.ts';
export { readPiece, readPieceText, pieceText } from './piece/readPiece.ts';
export { newPiece } from './piece/newPiece.ts';
export { demoPieces } from './piece/demoPieces.ts';
export { PROVENANCES, type Provenance } from './piece/provenance.ts';
export { snagSentence, type Snag, type SnagGrade } from './piece/snag.ts';
export {
  STAGES,
  type SheetTarget,
  type Stage,
  type Working,
  type WorkingInput,
} from './piece/working.ts';

export type { MeasurePlan, BoneRow } from './measure/planMeasure.ts';
export { planMeasure } from './measure/planMeasure.ts';
export { dragJoint, type DragResult } from './stance/dragJoint.ts';
export { plantedAngles } from './stance/plantedAngles.ts';
export type { Footfall, StancePlan } from './stance/planStance.ts';
export type { BalancePlan } from './stance/planBalance.ts';
export type { MassPlan, RegionMass } from './mass/planMass.ts';
export { CLAYS, clayById, type ClayClass } from './mass/clays.ts';
export { CLAY_IDS, TOOL_IDS, type ClayId, type ToolId } from './piece/materialIds.ts';
export type { CurePlan } from './cure/planCure.ts';
export type { HeatRequest } from './cure/heatRequest.ts';
export { heatRun, type HeatResult, type HeatRun } from './cure/heatRun.ts';
export type { CoatMethod, SkinPlan, ZonePlan } from './skin/planSkin.ts';
export { TOOLS } from './skin/tools.ts';
export type { ColourPlan, ZoneColour } from './colour/planColour.ts';
export { SHEENS, type Sheen } from './anatomy/coat.ts';
export type { BenchPlan, StepPlan } from './bench/planBench.ts';
export { sentenceText, type Sentence } from './bench/step.ts';
export { CAUTIONS, type CautionId } from './piece/cautions.ts';
export { METAL_IDS, type MetalId } from './piece/metalIds.ts';
export { METALS, metalById } from './wire/metals.ts';
export type { PlannedBend, PlannedWire } from './wire/plannedWire.ts';
export type { WirePlan } from './wire/planWire.ts';
export type { StockGroup } from './wire/planStock.ts';
export type { BasePlan, Hole } from './wire/baseHoles.ts';
export { bendingView, type BendingView } from './wire/bendingView.ts';

export { drawingSize, type Drawing, type DrawingItem, type Ink } from './sheets/drawing.ts';
export { elevation, type ElevationOptions } from './sheets/elevation.ts';
export { basePlanDrawing } from './sheets/basePlan.ts';
export { wireStrips } from './sheets/wireStrips.ts';
export { colourCard } from './sheets/colourCard.ts';
export { strokeCard } from './sheets/strokeCard.ts';
export { planSheets } from './sheets/planSheets.ts';
export { project, unproject, type View } from './sheets/views.ts';
export { A4, toPoints } from './sheets/paper.ts';

export { drawingSvg } from './formats/svg.ts';
export { shoppingCsv, stepsCsv } from './formats/benchTables.ts';
export { planJson } from './formats/planJson.ts';
export { bendsCsv, cutListCsv } from './formats/wireTables.ts';
