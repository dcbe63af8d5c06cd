/* eslint-disable max-lines -- the one public face */
/** The one public face of the core. Interface, server and scripts import from here only. */
export { freeId } from './units/freeId.ts';
export { cutText } from './units/cutText.ts';
export { plural } from './units/plural.ts';
export { createPlanner, NO_ANSWERS, planPiece, ROAD, type Planner } from './plan.ts';
export type { Answers, Plan, PlanJobs } from './planTypes.ts';
export { answerTo, type Answer } from './piece/answer.ts';
export type { Job, JobKind, JobName, Told } from './jobs/job.ts';
export { bodyJob } from './jobs/bodyJob.ts';
export { done, JOB_KINDS } from './jobs/jobKinds.ts';
export { measuredSkeleton } from './measure/measuredSkeleton.ts';

export { parseLength } from './units/parseLength.ts';
export {
  parseLifeWeight,
  parseMass,
  parseVolume,
  parseMinutes,
  parseTemperature,
} from './units/parseMeasure.ts';
export { lengthLimits, limitsOf, type NumberLimits } from './workshop/limits.ts';
export { STUFFS } from './bakes/stuffs.ts';
export type { BakeItem } from './bakes/bakeItems.ts';
export type { GoesIn, MayGoIn } from './cure/mayGoIn.ts';
export type { StagedBake } from './cure/curePlan.ts';
export { defectKinds } from './oven/mending.ts';
export { learntFilm } from './oven/learntFilm.ts';
export { numbersOf, type BakeRecord } from './oven/planOven.ts';
export { celsiusAt } from './oven/ovenTrace.ts';
export {
  THING_TIMES,
  type BakePin,
  type Defect,
  type FoundThing,
  type OvenLog,
  type OvenReading,
} from './piece/cureSchema.ts';
export { TILE_BENDS, TILE_SCRATCHES, type ClayTile } from './piece/pieceSchema.ts';
export type { OvenLearnt, OwnStuff, OwnTool } from './workshop/workshopSchema.ts';
export { alexanderStride } from './stance/gaitSpeed.ts';
export {
  BAR_LIMITS,
  CHECK_BAR_MM,
  errorPer100,
  printFactor,
  TRUE_PRINTER,
  type PrintFactors,
} from './sheets/printer.ts';
export { scaleText } from './units/scaleText.ts';
export { parseNumber, parseScale, plainNumber } from './units/parseNumber.ts';
export { bareSizes, parseWireSize } from './units/parseWireSize.ts';
export { WORKSHOP_VERSION } from './workshop/workshopSchema.ts';
export { boundedData } from './units/readJson.ts';
export { accepted, problemSentence, refused, type Parsed, type Problem } from './units/problem.ts';
export {
  digitsIn,
  formatQuantity,
  quantityText,
  type Unit,
  type UnitSystem,
} from './units/quantity.ts';
export {
  gaugeLabel,
  gaugeTable,
  WORKSHOP_GAUGES,
  sizeText,
  type WireSize,
} from './units/gauges.ts';

export type { PagePoint, View } from './sheets/drawing.ts';
export type { ApartMesh } from './surface/apartSkin.ts';
export { formSurface, type FormSurface } from './surface/formSurface.ts';
export type { Relief } from './surface/relief.ts';
export { RELIEF_VIEWS, type ReliefView } from './surface/reliefViews.ts';
export { bodyItems, formDrawing } from './sheets/formItems.ts';
export { headDrawings } from './sheets/headDrawings.ts';
export { proportionChart } from './sheets/proportionChart.ts';
export { expressionAngles, expressionOf, hasFaceJoints } from './stance/expressions.ts';
export { EYE_TURNS_DEG } from './surface/gaze.ts';
export { headPage, type HeadPage } from './sheets/headPlaces.ts';
export { headDragged, headGrips, type HeadGrip } from './sheets/headGrips.ts';
export { headStands, isTooth, standOf, type Stand } from './anatomy/ownHead.ts';
export { onPage, VIEW_FRAMES } from './surface/reliefViews.ts';
export { footDrawings } from './sheets/footDrawings.ts';
export { bladeDrawings } from './sheets/bladeDrawings.ts';
export { skinParts, type SkinPart, type SleevePart } from './body/skin.ts';
export { domeLength, sectionOutline, sectionPoint, type AxisSample } from './body/sleeveSection.ts';
export { greatest, least } from './geometry/extremes.ts';
export type { Vec3 } from './geometry/vec3.ts';

export { ANIMALS, animalById, BODY_PLANS, planById } from './anatomy/registry.ts';
export { wordsOf } from './anatomy/coat.ts';
export { newPieceOf } from './start/newPiece.ts';
export { raisedMm } from './posing/raisedMm.ts';
export { acceptanceOf, everySnag, snagKey } from './piece/snagGroups.ts';
export { startPiece, USUAL_WISH, type StartWish } from './start/startPiece.ts';
export { followed, sound, still, suggestion, withSuggestion } from './start/suggested.ts';
export { withExtent } from './start/withExtent.ts';
export { creatureSchema, newCreature, type Creature, type Graft } from './anatomy/creature.ts';
export { creatureFaults } from './anatomy/creatureFaults.ts';
export { cutTo, EXTENTS, extentsOf, type Extent } from './anatomy/extent.ts';
export { findSubject, subjectOf } from './anatomy/subject.ts';
export { type Subject } from './anatomy/subjectType.ts';
export { knowsJuveniles, NEW_BORN, juvenileFactor, JUVENILE_PARTS } from './anatomy/individual.ts';
export { FREEDOMS, type DegreeOfFreedom, type FreedomName, type Side } from './anatomy/bodyPlan.ts';
export type { Bone, Skeleton } from './anatomy/skeleton.ts';
export type { Gaze, JointAngles, PosedSkeleton } from './anatomy/pose.ts';

export { bodyGrid, COARSE_CELLS, FINE_CELLS, type BodyGrid } from './body/bodyGrid.ts';
export {
  alongSight,
  alongWay,
  gripPlaces,
  grippedBy,
  pulledEdge,
  widestMoved,
  type Edge,
  type Grip,
} from './body/sectionHandles.ts';
export {
  restore,
  link,
  unlink,
  sectionKey,
  shapedParts,
  adopt,
  withoutStation,
  withStation,
  withStationAdded,
  type ShapedPart,
} from './body/shapeEdits.ts';
export { sectionsOf } from './anatomy/shaped.ts';

export {
  COAT_METHODS,
  usualZone,
  type CoatMethod,
  type LieMarkChoice,
  type StampChoice,
  type ZoneChoice,
} from './piece/skinSchema.ts';
export {
  pieceSchema,
  LIFE_LENGTH_LIMITS,
  EYE_LENGTH_LIMITS,
  MODEL_LENGTH_LIMITS,
  PIECE_FORMAT,
  type Piece,
  type BakeMethod,
  CORES,
  type Core,
  type SectionStation,
  type Shape,
  type ClayChoice,
  type KeptStance,
  type ScaleChoice,
  type StepDone,
  type WireChoice,
} from './piece/pieceSchema.ts';
export { isOfToday, pieceText, readTodaysPiece, type PieceFile } from './formats/pieceFile.ts';
export { readPiece, readPieceText } from './formats/readPiece.ts';
export type {
  ClayOnHand,
  OwnMetal,
  PaintOnHand,
  SoldEntry,
  StockEntry,
  Workshop,
} from './workshop/workshopSchema.ts';
export { newWorkshop } from './workshop/newWorkshop.ts';
export { readWorkshop, readWorkshopText, workshopText } from './workshop/readWorkshop.ts';
export { adoptMetals, adoptWorkshop, withMetals, type Adopted } from './workshop/adoptWorkshop.ts';
export {
  inWorkshop,
  parted,
  isOfWorkshop,
  sameWorkshop,
  type AtHand,
  type Documents,
  type WireDecisions,
  type Workpiece,
} from './workshop/workpiece.ts';
export { newPiece } from './start/newPiece.ts';
export { unreadClay } from './mass/unreadClay.ts';
export { demoPieces, demoWorkpieces, demoWorkshop } from './start/demoPieces.ts';
export { PROVENANCES, type Provenance } from './anatomy/provenance.ts';
export { snagSentence, type Snag, type SnagGrade } from './piece/snag.ts';
export { STAGES, type Stage, type Working, type WorkingInput } from './piece/working.ts';

export { isTarget, sameTarget, wireOfTarget, type SheetTarget } from './piece/target.ts';
export { samePlace, type Place } from './anatomy/place.ts';
export type { MeasurePlan, BoneRow } from './measure/planMeasure.ts';
export { dragInSpace, dragJoint, type DragResult, type Sight } from './stance/dragJoint.ts';
export { poseSkeleton, posedBone } from './anatomy/pose.ts';
export { reachingChain, reachTo, type Reached } from './posing/reach.ts';
export { dragReach, SNAP_MM, type DragReach } from './stance/dragReach.ts';
export { plantedAngles } from './stance/plantedAngles.ts';
export {
  LOAD_CLASSES,
  loadClass,
  type LoadClassId,
  type StrengthPlan,
} from './strength/planStrength.ts';
export { type WiredJoint } from './strength/wiredJoint.ts';
export { heldFeet } from './stance/heldFeet.ts';
export { dragTrunk, type TrunkDrag } from './stance/dragTrunk.ts';
export { carriedOver, type CarriedOver } from './stance/carriedOver.ts';
export { compareStances, type StanceComparison } from './stance/compareStances.ts';
export { mirroredSide, straightened, swappedSides, type StanceEdit } from './stance/limbEdits.ts';
export {
  isOwn,
  likelyNames,
  stanceFromBvh,
  type Faces,
  type JointNames,
} from './formats/bvhStance.ts';
export { gaitMoment, gaitOf, type GaitChoice } from './posing/gaitMoment.ts';
export type { GaitPlan } from './stance/planGait.ts';
export {
  groundHandles,
  pulledGround,
  rockOf,
  stretched,
  withoutRockPoint,
  withRockPoint,
  type RockShape,
} from './posing/groundShapes.ts';
export { groundHeight, type Ground } from './posing/ground.ts';
export { WEIGHT_METALS } from './balance/counterweight.ts';
export { bvhText } from './formats/bvh.ts';
export { readBvh, type BvhFile } from './formats/readBvh.ts';
export { FOOTFALL_STRIDE_MM, footfallDrawing } from './sheets/footfallDrawing.ts';
export { tipRoseDrawing } from './sheets/tipRoseDrawing.ts';
export type { Footfall, StancePlan } from './stance/stancePlan.ts';
export type { BalancePlan } from './balance/balancePlan.ts';
export { tracedShape, type TracedShape } from './measure/pictures/tracedShape.ts';
export type { MassPlan, RegionMass } from './mass/planMass.ts';
export type { BodyShape, ShapeMeshes } from './mass/bodyShape.ts';
export type { MuscleRow, PegRow, SectionCard, ShapePlan } from './mass/shapePlan.ts';
export { joinedMeshes, type TriangleMesh } from './geometry/triangleMesh.ts';
export { stlOf } from './formats/stl.ts';
export { glbOf } from './formats/gltf.ts';
export { sectionCardSheets } from './sheets/sectionCards.ts';
export {
  cornerShare,
  squarenessAt,
  stationDrawing,
  stationPoint,
} from './sheets/stationDrawing.ts';
export { sectionDrawing } from './sheets/sectionDrawing.ts';
export { BULK, SECTION_MM, SQUARENESS, WIDEST_MOST } from './anatomy/shapeSchema.ts';
export { CLAYS, clayById, type ClayClass } from './mass/clays.ts';
export { CLAY_IDS, TOOL_IDS, type ClayId, type ToolId } from './piece/materialIds.ts';
export type { CurePlan } from './cure/curePlan.ts';
export type { HeatRequest } from './cure/heatRequest.ts';
export { heatRun, type HeatResult, type HeatRun } from './cure/heatRun.ts';
export type { BodyPart, EyePlan, Fitting, FittingsPlan } from './fittings/fittingsPlan.ts';
export { eyeNumbers, fittingNumbers } from './fittings/planFittings.ts';
export { fittingMaterials } from './fittings/fittingMaterials.ts';
export { partRoots } from './fittings/bodyParts.ts';
export { AS_IT_FOLLOWS, type FittingMaking } from './piece/fittingsSchema.ts';
export { LIBRARY_FEATURE, type FeatureChange, type Thing } from './anatomy/shapeSchema.ts';
export { SET_KINDS, type SetKind } from './anatomy/thingKinds.ts';
export { newThing } from './start/newThing.ts';
export {
  formPage,
  gripTitle,
  placeUnder,
  thingDragged,
  thingGrips,
  withPlace,
  type ThingGrip,
} from './sheets/apart/thingGrips.ts';
export { eyeSheet } from './sheets/apart/eyeSheet.ts';
export type { Join, TestFit } from './cure/curePlan.ts';
export { fittingSheets } from './sheets/apart/fittingSheet.ts';
export type { SkinPlan, ZonePlan } from './skin/planSkin.ts';
export { TOOLS } from './skin/tools.ts';
export type { ColourPlan, ZoneColour } from './colour/planColour.ts';
export { SHEENS, type Sheen } from './anatomy/coat.ts';
export type { BenchPlan, StepPlan } from './bench/planBench.ts';
export {
  durationSentence,
  sentenceText,
  type Occupied,
  type Sentence,
  type WorkKind,
} from './piece/step.ts';
export { CAUTIONS, type CautionId } from './piece/cautions.ts';
export type { MetalId } from './piece/metalIds.ts';
export { METALS, metalById, metalsOf, type Metal } from './wire/metals.ts';
export { featureText, isStraight } from './wire/plannedWire.ts';
export type { MoreStrands, PlannedBend, PlannedWire, WireKind } from './wire/plannedWire.ts';
export {
  BINDER_IDS,
  LIMB_WAYS,
  SCHEME_IDS,
  ROD_KEYS,
  THREAD_IDS,
  type RodKey,
  type BinderId,
  type LimbWay,
  type SchemeId,
  type ThreadId,
} from './piece/wireSchema.ts';
export { SCHEMES, schemeById, wayOf, type Scheme } from './wire/schemes.ts';
export { BINDERS, binderById } from './wire/binders.ts';
export { ROD_KEY_WORDS } from './wire/rodKeys.ts';
export { THREADS, threadById } from './wire/hardware.ts';
export type { FinePart } from './wire/fineDrafts.ts';
export type { Shaft } from './wire/shafts.ts';
export type { Binding } from './wire/bindings.ts';
export type { Hinge } from './wire/hinges.ts';
export type { RoutePoint } from './wire/routePoints.ts';
export { refId, type RouteRef } from './wire/routeRef.ts';
export { limbsKey } from './wire/limbDraft.ts';
export {
  fromOtherEnd,
  mayEdit,
  merged,
  movedPoint,
  overJoint,
  routeTargets,
  splitAt,
  waysOf,
  withoutPoint,
  withWays,
  type Ways,
} from './wire/routeEdits.ts';
export { compareSchemes, type SchemeCase, type SchemeCost } from './schemes/compareSchemes.ts';
export { recommendScheme, type Reason, type SchemeAdvice } from './schemes/recommendScheme.ts';
export type { WirePlan } from './wire/wirePlan.ts';
export type { StockGroup } from './wire/planStock.ts';
export type { BasePlan } from './wire/baseHoles.ts';
export type { Hole } from './wire/holePlan.ts';
export { bendingView, type BendingView } from './wire/bendingView.ts';
export { onRope } from './wire/executedBends.ts';

export { drawingSize, type Drawing, type DrawingItem, type Ink } from './sheets/drawing.ts';
export { elevation, type ElevationOptions } from './sheets/elevation.ts';
export { basePlanDrawing, perchPlanDrawings } from './sheets/basePlan.ts';
export { wireStrips } from './sheets/wireStrips.ts';
export { colourCard } from './sheets/colour/colourCard.ts';
export { strokeCard } from './sheets/strokeCard.ts';
export {
  directionMap,
  headMaps,
  lieHit,
  marksSeen,
  placesSeen,
  type MapShow,
} from './sheets/skin/directionMap.ts';
export { bladeSheets } from './sheets/skin/bladeSheets.ts';
export { featherMaps, featherSheets } from './sheets/skin/featherDrawings.ts';
export {
  featherOutline,
  shapedTo,
  vaneGrips,
  VANE_SIDES,
  widthPulled,
  type VaneGrip,
  type VaneSide,
} from './sheets/skin/featherOutline.ts';
export type { BladePlan } from './skin/blades/bladePlan.ts';
export {
  BLADE_WAYS,
  FEATHER_WAYS,
  MOST_SHEETS,
  SHAPE_STATIONS,
  type BladeWay,
  type FeatherChoice,
  type FeatherShape,
  type FeatherSheet,
  type FeatherWay,
} from './piece/featherSchema.ts';
export type { FeatherPlan } from './skin/feathers/featherPlan.ts';
export type { Feather, FeatherRowPlan } from './skin/feathers/featherRow.ts';
export { fillWorking, type Nesting } from './skin/feathers/nestQuestion.ts';
export type { AreaColour, PictureAnswer } from './colour/palette/areaColour.ts';
export { MOST_FOUND, type FoundColour } from './piece/colourSchema.ts';
export { nestJob } from './jobs/nestJob.ts';
export { flatSkin, flatSkins } from './sheets/skin/flatSkin.ts';
export { stampSheet } from './sheets/skin/stampSheet.ts';
export { LIE_MARK_KINDS, type LieMarkKind } from './anatomy/lieMark.ts';
export type { LiePlace } from './lie/lieMarks.ts';
export type { CoatMap } from './lie/coatMap.ts';
export type { MarkingMap } from './markings/markingMap.ts';
export type { MarkingEntry, MarkingsPlan } from './markings/planMarkings.ts';
export {
  MARKING_EDGES,
  MARKING_KINDS,
  markingOn,
  markingZoneId,
  PLAIN_MARKING,
  type Band,
  type Marking,
  type MarkingEdge,
  type MarkingKind,
  type MarkingPlace,
} from './anatomy/marking.ts';
export { canStart, MARKING_STARTERS, newMarking, type MarkingStarter } from './start/newMarking.ts';
export type { ColourCheck } from './colour/checkColours.ts';
export { MARKING_MOST, MOST_MARKINGS } from './piece/markingSchema.ts';
export type { TubePlan } from './skin/tubePlan.ts';
export type { FoldPlan } from './skin/foldPlan.ts';
export { coatCsv } from './formats/coatTable.ts';
export { flatMarkingSheets, type FlatUse } from './sheets/markings/flatSheets.ts';
export { markedFeathers } from './sheets/markings/featherMarks.ts';
export { markingList } from './sheets/markings/markingList.ts';
export { numberedAreas, numberedHeads, zoneNumbers } from './sheets/markings/numberedAreas.ts';
export { markedItems } from './sheets/colour/markedItems.ts';
export { laidByLandmarks } from './sheets/colour/laidByLandmarks.ts';
export { laidForm, type LaidForm } from './sheets/colour/laidForm.ts';
export { cardSheets, coatSheets, markingSheets, planSheets } from './sheets/planSheets.ts';
export { bendingCards } from './sheets/bendingCards.ts';
export { cutListSheet } from './sheets/cutListSheet.ts';
export { project, unproject } from './sheets/views.ts';
export { A4, PAPERS, toPoints, type PaperName } from './sheets/paper.ts';

export { drawingSvg } from './formats/svg.ts';
export { shoppingCsv, stepsCsv } from './formats/benchTables.ts';
export { planJson } from './formats/planJson.ts';
export { bendsCsv, cutListCsv } from './formats/wireTables.ts';

export { creatureText } from './anatomy/creature.ts';
export { STARTERS, type Starter } from './anatomy/starters.ts';
export { readCreatureText } from './anatomy/readCreature.ts';
export { landmarksOf, type Landmark } from './anatomy/landmarks.ts';
export { pieceSkeleton } from './measure/pieceSkeleton.ts';
export { buildSkeleton } from './anatomy/skeleton.ts';
export { lendableParts } from './anatomy/lendable.ts';
export { bodyStations, type Station } from './body/stations.ts';
export { planSizes, type LifeSize } from './posing/planSizes.ts';
export {
  compareBodies,
  NORMS,
  oddProportions,
  oddSentence,
  type ComparedLine,
  type Norm,
} from './measure/proportions.ts';
export {
  andersonKg,
  andersonBipedKg,
  campioneBipedKg,
  campioneEvansKg,
} from './measure/bodyMass.ts';
export { lineup } from './sheets/lineup.ts';
export { boneDrawing, landmarkDrawing } from './sheets/landmarkDrawing.ts';
export { measuredDrawing } from './sheets/measuredDrawing.ts';
export { stanceDrawing } from './sheets/stanceDrawing.ts';
export { liftedIn, stanceAngles } from './posing/settledStance.ts';
export type { Animal } from './anatomy/animal.ts';
export type { BodyPlan } from './anatomy/bodyPlan.ts';

export { boneEnds, type BoneEnds } from './anatomy/landmarks.ts';
export {
  blankPicture,
  MOST_CLICKS,
  MOST_PICTURES,
  MOST_READINGS,
  PICTURE_LIMITS,
  PICTURE_VIEWS,
  type Picture,
  type PicturePoint,
  type PictureView,
  type References,
} from './piece/referencesSchema.ts';
export {
  calibrate,
  type Calibration,
  type CalibrationGap,
} from './measure/pictures/calibration.ts';
export { clickSpread, meanPoint } from './measure/pictures/precision.ts';
export { GAP_WORDS } from './measure/pictures/pictureFaults.ts';
export type { Disagreement } from './measure/pictures/disagreements.ts';
export { alignedPairs } from './measure/pictures/alignTo.ts';
export type { Remedy } from './measure/pictures/reconcile.ts';
export type { NextStep } from './measure/pictures/stillUnknown.ts';
export {
  planReferences,
  type Offer,
  type ReferencesPlan,
} from './measure/pictures/planReferences.ts';
export { readingsOf, type ReadingSummary } from './measure/readings.ts';
export {
  recoverStance,
  type PhotoBone,
  type RecoveredStance,
} from './measure/photo/recoverStance.ts';
export { eyeFits, roundScalesNear, type EyeFit } from './measure/scaleEffects.ts';
export { readPictureHeader, uprightSize, type PictureHeader } from './formats/pictureHeader.ts';
export { landmarksCsv, landmarksTps, readLandmarks } from './formats/landmarkFiles.ts';
export {
  plateLayout,
  plateReference,
  REFERENCE_PLATES,
  type ReferencePlate,
} from './sheets/referencePlates.ts';
export { PIECE_VERSION } from './piece/pieceSchema.ts';
export { stanceToSend } from './measure/photo/stanceToSend.ts';
export { settledStance } from './posing/settledStance.ts';
export { foundCsv } from './formats/foundLengths.ts';
export { foundShares, type FoundShare } from './measure/pictures/foundShares.ts';
export { plateDrawing } from './sheets/plateDrawing.ts';
export { eyeballs, skinApart } from './surface/formParts.ts';
export type { LayerPlan, PaintTubePlan, RecipePlan } from './colour/planColour.ts';
export type { MixedRecipe, PaintAnswer } from './colour/paintQuestion.ts';
export { differenceWords, recipeWords } from './colour/recipeText.ts';
export {
  LIGHT_CLASSES,
  OPACITIES,
  EXTRA_IDS,
  NEW_ZONE_COLOUR,
  PAINT_KINDS,
  PRIMER_IDS,
  SCHOOLS,
  type ExtraId,
  type PaintKind,
  type PrimerId,
  type School,
} from './piece/colourSchema.ts';
export {
  layerCards,
  layersOf,
  paintedForm,
  paintedHeads,
  zoneAfter,
} from './sheets/colour/painted.ts';
export {
  paletteGpl,
  pieceColours,
  readPalette,
  recipesCsv,
  type PaletteColour,
} from './formats/palette.ts';
export { parseStretches, stretchesText, type Stretch } from './units/stretches.ts';
export {
  schedulePlan,
  type Booking,
  type PieceEnd,
  type SchedulePlan,
} from './bench/schedulePlan.ts';
export {
  stepToPlan,
  type PieceToPlan,
  type ScheduleQuestion,
  type StepToPlan,
} from './bench/scheduleTasks.ts';
export { scheduleJob } from './jobs/scheduleJob.ts';
export { asItComesOut } from './colour/bakedColour.ts';
export { swatchColour, type CardKind, type SwatchColour } from './colour/greyCard.ts';
export type { Rung } from './colour/paintQuestion.ts';
export { USUAL_PIGMENTS } from './colour/usualBox.ts';
export {
  LOG_KINDS,
  LOG_PICTURE,
  OWN_STEP,
  type BenchChoice,
  type LogEntry,
  type LogKind,
  type OwnStep,
} from './piece/benchSchema.ts';
export {
  LESSON_ABOUT,
  SUPPLY_KINDS,
  SUPPLY_UNITS,
  type Lesson,
  type Supply,
  type SupplyKind,
  type SupplyUnit,
} from './workshop/workshopSchema.ts';
export { WORK_KINDS } from './piece/step.ts';
export { diaryOf, foundIn, type DiaryEntry } from './bench/diary.ts';
export { aboutsAt, stepKind, type LessonAbout } from './bench/lessons.ts';
export type { MaterialPlan } from './bench/shoppingList.ts';
export type { CameOut } from './bench/cameOut.ts';
export type { Keeping } from './bench/keeping.ts';
export { placesFor } from './bench/stepOrder.ts';
export { wireTakes, withStockBack, withStockTaken } from './bench/stockUse.ts';
export { careSheet, diarySheet, weekSheet } from './sheets/benchSheets.ts';
export { stepCards } from './sheets/stepCards.ts';
export { stepDrawings } from './sheets/stepDrawing.ts';
export { diaryMarkdown } from './formats/diaryMarkdown.ts';
export { stepPackHtml } from './formats/stepPack.ts';
export { readSuppliesCsv, suppliesCsv } from './formats/suppliesCsv.ts';
export { jointNeeds, needsOf, type JointNeed, type PieceNeed } from './bench/jointNeeds.ts';
export { materialWorkings } from './bench/planBench.ts';
export { simplified } from './surface/pixelLines.ts';
export { reliefOf } from './sheets/formItems.ts';
