import { WORKSHOP_FORMAT, WORKSHOP_VERSION, type Workshop } from './workshopSchema.ts';

/** From nine to twelve and from one to five. */
const WORKDAY = [
  { from: 540, to: 720 },
  { from: 780, to: 1020 },
];

/**
 * A workshop as most begin: a small household oven that nobody has measured, kitchen foil, four tools,
 * nothing in stock. All of it common practice.
 */
export const newWorkshop = (): Workshop => ({
  format: WORKSHOP_FORMAT,
  version: WORKSHOP_VERSION,
  oven: {
    inside: { lengthMm: 400, heightMm: 250, widthMm: 350 },
    airMm: 10,
    fan: false,
    offsetC: 0,
    learnt: null,
  },
  wire: { stock: [], sold: [], ownMetals: [], testBends: {}, sawLossMm: 0, keepMm: 60 },
  clays: [],
  stuffs: [],
  foil: { widthMm: 300, gaugeMm: 0.015, packedGPerMl: 0.8 },
  paperMm: 0.1,
  claySheet: { widthMm: 180, lengthMm: 250 },
  tools: ['needle', 'wire-brush', 'probe', 'ball'],
  ownTools: [],
  paints: [],
  pace: 1,
  sittingH: 2,
  hours: { week: [WORKDAY, WORKDAY, WORKDAY, WORKDAY, WORKDAY, [], []], daysOff: [] },
  records: [],
  supplies: [],
  used: [],
  hourRate: null,
  marginPercent: 0,
  lessons: [],
});
