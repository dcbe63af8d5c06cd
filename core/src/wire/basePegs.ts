import { least } from '../geometry/extremes.ts';
import { scale, sub, type Vec3 } from '../geometry/vec3.ts';
import { groundHeight } from '../posing/ground.ts';
import { toBoard } from './boardFrame.ts';
import { seatDepthMm, type PegSeat } from './pegSeat.ts';
import type { PlannedWire } from './plannedWire.ts';
import type { WireSetting } from './wireSetting.ts';

/** Sine of the flattest way into a board, 10 degrees: common practice. */
const FLATTEST = 0.17;

/** A peg where it goes through the top of the board. */
export interface Peg {
  readonly contactId: string;
  readonly name: string;
  readonly wire: PlannedWire;
  /** At the face of the board, as all of it, as it lies to the board. */
  readonly at: Vec3;
  /** Unit, upwards. */
  readonly up: Vec3;
  /** Where the foot hides it; null for a rod that shows. */
  readonly ball: Vec3 | null;
  readonly threaded: boolean;
  readonly seat: PegSeat;
}

/** The pegs of a wire, one at each end that goes into the base. */
export function pegsOf(setting: WireSetting, plannedWire: PlannedWire): readonly Peg[] {
  const { stance, wire } = setting;
  const { points, pegs } = plannedWire.route;
  const ends = [
    ...(pegs[0] ? [[points[0]!, points[1]!] as const] : []),
    ...(pegs[1] ? [[points.at(-1)!, points.at(-2)!] as const] : []),
  ];
  return ends.map(([peg, next]): Peg => {
    const contactId = peg.ref.over === 'peg' ? peg.ref.contactId : '';
    const foot = stance.feet.find(({ contact }) => contact.id === contactId);
    const groundMm =
      stance.wall === null ? (foot?.groundMm ?? groundHeight(stance.ground, peg.at[0])) : 0;
    const seat = setting.seat(peg.at[0], groundMm);
    const from = toBoard(setting, peg.at);
    const way = sub(toBoard(setting, next.at), from);
    const long = Math.hypot(...way);
    // No drill goes in flatter than this: such a peg is bent to stand square to the board.
    const up: Vec3 = way[1] > FLATTEST * long ? scale(way, 1 / long) : [0, 1, 0];
    // The peg goes as deep below the ground as the setting says, whichever way it leans.
    const rise = seatDepthMm(seat) / up[1];
    const at: Vec3 = [from[0] + up[0] * rise, from[1] + up[1] * rise, from[2] + up[2] * rise];
    const stiff = plannedWire.kind === 'rod' || plannedWire.kind === 'iron';
    return {
      contactId,
      name: foot?.contact.name ?? 'iron',
      wire: plannedWire,
      at,
      up,
      ball: foot?.contact.kind === 'foot' ? foot.ball : null,
      threaded: stiff && wire.rod.thread !== null && seat.into === 'board',
      seat,
    };
  });
}

/** In which turn each peg is set: the first at the front, then each time the one farthest from all set. */
export function crosswise(pegs: readonly Peg[]): readonly number[] {
  const order = pegs.map(() => 0);
  const away = (i: number, j: number): number =>
    Math.hypot(pegs[i]!.at[0] - pegs[j]!.at[0], pegs[i]!.at[2] - pegs[j]!.at[2]);
  for (let turn = 1; turn <= pegs.length; turn++) {
    const set = order.flatMap((at, i) => (at > 0 ? [i] : []));
    let [best, far] = [-1, -1];
    for (const [i, at] of order.entries()) {
      const nearest = least(set.map((j) => away(i, j)));
      if (at === 0 && (best === -1 || nearest > far)) [best, far] = [i, nearest];
    }
    order[best] = turn;
  }
  return order;
}
