import type { Plan } from '../planTypes.ts';
import { basePlanDrawing, perchPlanDrawings } from './basePlan.ts';
import type { Drawing } from './drawing.ts';
import { bladeDrawings } from './bladeDrawings.ts';
import { bendingCards } from './bendingCards.ts';
import { colourCard } from './colour/colourCard.ts';
import { cutListSheet } from './cutListSheet.ts';
import { elevation } from './elevation.ts';
import { eyeSheet } from './apart/eyeSheet.ts';
import { fittingSheets } from './apart/fittingSheet.ts';
import { footDrawings } from './footDrawings.ts';
import { formDrawing, reliefOf } from './formItems.ts';
import { headDrawings } from './headDrawings.ts';
import { RELIEF_VIEWS } from '../surface/reliefViews.ts';
import { markedFeathers } from './markings/featherMarks.ts';
import { flatMarkingSheets } from './markings/flatSheets.ts';
import { markingList } from './markings/markingList.ts';
import { numberedSheets } from './markings/numberedAreas.ts';
import { muscleSheet } from './muscleSheet.ts';
import { proportionChart } from './proportionChart.ts';
import { sectionCardSheets } from './sectionCards.ts';
import { shoppingSheet } from './shoppingSheet.ts';
import { stepsSheet } from './stepsSheet.ts';
import { coatList } from './skin/coatList.ts';
import { directionMap, headMaps, MAP_SHOWS } from './skin/directionMap.ts';
import { barbSheets, featherMaps } from './skin/featherDrawings.ts';
import { flatSkins } from './skin/flatSkin.ts';
import { regionMaps } from './skin/regionMaps.ts';
import { stampSheet } from './skin/stampSheet.ts';
import { strokeCard } from './strokeCard.ts';
import { wireStrips } from './wireStrips.ts';

/** The shop sheets of a piece, all at 1:1 of the model. */
export function planSheets(plan: Plan): readonly Drawing[] {
  return [
    ...formSheets(plan),
    elevation(plan, 'side', { show: 'bones', dimensions: true }),
    elevation(plan, 'side', { show: 'wires', dimensions: false }),
    elevation(plan, 'front', { show: 'wires', dimensions: true }),
    cutListSheet(plan.wire),
    ...stripSheets(plan),
    ...(plan.wire.base.on === 'none' ? [] : [basePlanDrawing(plan.wire.base)]),
    ...perchPlanDrawings(plan.wire.base),
    ...fittingSheets(plan.fittings),
    ...[eyeSheet(plan)].filter((drawing) => drawing !== undefined),
    elevation(plan, 'side', { show: 'core', dimensions: false }),
    elevation(plan, 'front', { show: 'core', dimensions: false }),
    elevation(plan, 'side', { show: 'muscles', dimensions: false }),
    ...cardSheetsOf(plan),
    ...coatSheets(plan),
    ...(plan.colour === null ? [] : [colourCard(plan.colour)]),
    ...markingSheets(plan),
    ...(plan.bench === null ? [] : [stepsSheet(plan.bench), shoppingSheet(plan.bench)]),
  ];
}

/** The finished form from each side, its head and feet larger, its proportions, and its blades laid flat; none while it is still worked out. */
export const formSheets = (plan: Plan): readonly Drawing[] => [
  ...RELIEF_VIEWS.flatMap((view) => {
    const drawing = reliefOf(plan, view) && formDrawing(plan, view);
    return drawing === undefined ? [] : [drawing];
  }),
  ...headDrawings(plan),
  ...[proportionChart(plan)].filter((drawing) => drawing !== undefined),
  ...footDrawings(plan).flat(),
  ...bladeDrawings(plan),
];

/** The lie of the coat from all sides, the head and each region larger, the skin laid flat, stamps, samples and the list. */
export const coatSheets = (plan: Plan): readonly Drawing[] => [
  ...MAP_SHOWS.flatMap((show) => [
    ...RELIEF_VIEWS.flatMap((view) => directionMap(plan, view, show) ?? []),
    ...headMaps(plan, show),
  ]),
  ...regionMaps(plan, 'flow'),
  ...flatSkins(plan),
  ...featherMaps(plan),
  ...barbSheets(plan),
  ...plan.skin.stamps.map(stampSheet),
  ...(plan.skin.zones.some((zone) => zone.width !== null) ? [strokeCard(plan.skin, 2)] : []),
  coatList(plan),
];

/** Markings to paint by: numbered areas, skin and wings laid flat, masks to cut, and the list; none where nothing is marked. */
export const markingSheets = (plan: Plan): readonly Drawing[] => [
  ...numberedSheets(plan),
  ...flatMarkingSheets(plan, 'trace'),
  ...markedFeathers(plan),
  ...flatMarkingSheets(plan, 'mask'),
  ...[markingList(plan)].filter((drawing) => drawing !== undefined),
];

/** Muscles and pegs as a list, the map of the sections, and their cards; none while the posed body is still worked out. */
function cardSheetsOf(plan: Plan): readonly Drawing[] {
  const shape = plan.mass?.shape;
  if (!shape) return [];
  return [
    muscleSheet(shape),
    elevation(plan, 'side', { show: 'sections', dimensions: false }),
    ...sectionCardSheets(shape.cards),
  ];
}

/** The bending cards of every wire that is bent: six bends to a page, to follow at the bench. */
export const cardSheets = (plan: Plan): readonly Drawing[] => plan.wire.wires.flatMap(bendingCards);

/** Strips that fit the height of a page, so that no wire is cut across. */
const STRIPS_A_SHEET = 4;

/** Wires laid straight, some to a sheet; thin ones that stay straight stand in the cut list alone. */
function stripSheets({ wire }: Plan): readonly Drawing[] {
  const wires = wire.wires.filter(({ kind, bends }) => kind !== 'fine' || bends.length > 0);
  const sheets = Math.max(1, Math.ceil(wires.length / STRIPS_A_SHEET));
  return Array.from({ length: sheets }, (_, i) => {
    const drawing = wireStrips(wires.slice(i * STRIPS_A_SHEET, (i + 1) * STRIPS_A_SHEET));
    return i === 0 ? { ...drawing, id: 'wires' } : { ...drawing, id: `wires-${i + 1}` };
  });
}
