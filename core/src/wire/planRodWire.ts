import { skinDistance } from '../body/surfaceDistance.ts';
import type { Piece, WireChoice } from '../piece/pieceSchema.ts';
import type { Working } from '../piece/working.ts';
import type { Footfall } from '../stance/planStance.ts';
import { sizeText } from '../units/gauges.ts';
import { bendSchedule } from './bendSchedule.ts';
import { coverWorking } from './coverWorking.ts';
import { cutLines, decided, derived } from './cutLines.ts';
import { metalById } from './metals.ts';
import type { WireSetting } from './planLimbWire.ts';
import type { PlannedWire } from './plannedWire.ts';
import type { Route } from './routes.ts';
import { coverSnags } from './wireSnags.ts';
import { choiceDiameterMm } from './wireStock.ts';

/**
 * A straight rod from under the base up to the bone that it carries, lashed to the spine there: for
 * a body that swims or flies, and for one that lies on its belly and must not turn.
 */
export function planRodWire(
  { stance, wire, base }: WireSetting,
  hold: Footfall,
  choice: WireChoice,
  id: string,
): PlannedWire {
  const diameterMm = choiceDiameterMm(choice);
  const [x, y, z] = hold.ball;
  const below = base.thicknessMm + wire.allowancesMm.nutAndWashers;
  const place = hold.contact.name;
  const route: Route = {
    points: [
      { at: [x, -below, z], name: `peg under the ${place}` },
      { at: hold.ball, name: place },
    ],
    wrapAt: null,
    singleUntil: null,
    pegs: [true, false],
  };
  const schedule = bendSchedule(
    route.points.map((point) => point.at),
    wire.bendRadiusInDiameters * diameterMm,
  );
  const depthMm = -skinDistance(stance.skin, hold.ball);
  const cover = {
    at: hold.ball,
    place,
    depthMm,
    wireMm: diameterMm,
    coverMm: depthMm - diameterMm / 2,
  };
  const lines = rodLines(y, wire, base, id);
  const name = `Rod, ${place}`;
  return {
    id,
    kind: 'rod',
    name,
    namedEnd: 'end under the base',
    metal: choice.metal,
    metalName: metalById(choice.metal).name,
    diameterMm,
    sizeText: sizeText(choice.size),
    strands: 1,
    route,
    schedule,
    forming: undefined,
    features: [],
    lines,
    cut: cutLines(`wire.${id}`, id).sum(`${id} ${name}, cut`, lines, [], 1),
    shortStrands: null,
    bends: [],
    cover: coverWorking(id, cover, wire.coverMm),
    snags: coverSnags(id, cover, wire.coverMm),
  };
}

function rodLines(
  heightMm: number,
  wire: Piece['wire'],
  base: Piece['stance']['base'],
  id: string,
): readonly Working[] {
  const { line } = cutLines(`wire.${id}`, id);
  const { nutAndWashers, tieEnd, margin } = wire.allowancesMm;
  return [
    line(
      'rise',
      'From the base up to the bone',
      heightMm,
      'height of the bone above the base',
      [derived('y', 'Height of the bone as posed', heightMm, 'mm')],
      'bones of the posed model',
    ),
    line('pegs', 'Peg through the base', base.thicknessMm, 'as set', [
      decided('t', 'Thickness of the base', base.thicknessMm, 'mm'),
    ]),
    line('nuts', 'Below the base, nut and washers', nutAndWashers, 'as set', [
      decided('a', 'Nut and washers', nutAndWashers, 'mm'),
    ]),
    line('tie', 'Beside the spine, to be lashed', tieEnd, 'as set', [
      decided('a', 'Tie end', tieEnd, 'mm'),
    ]),
    line('margin', 'Margin', margin, 'as set', [decided('m', 'Margin', margin, 'mm')]),
  ];
}
