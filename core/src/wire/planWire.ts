import { otherSide } from '../anatomy/plans/kit/bilateral.ts';
import { lastCall } from '../piece/lastCall.ts';
import type { Piece, WireChoice } from '../piece/pieceSchema.ts';
import type { Snag } from '../piece/snag.ts';
import type { Working } from '../piece/working.ts';
import type { StancePlan } from '../stance/planStance.ts';
import { planBase, type BasePlan } from './baseHoles.ts';
import { planLimbWire, type WireSetting } from './planLimbWire.ts';
import { planRodWire } from './planRodWire.ts';
import type { PlannedWire } from './plannedWire.ts';
import { planSpineWire } from './planSpineWire.ts';
import { planStock, type StockPlan } from './planStock.ts';
import { ropeDiameterMm } from './twist.ts';
import { choiceDiameterMm } from './wireStock.ts';

/** What Wire hands on: every wire with its bends, the base with its holes, and the stock. */
export interface WirePlan {
  readonly wires: readonly PlannedWire[];
  /** Limbs that lie folded on the body in this stance, by name: they carry no wire. */
  readonly unwired: readonly string[];
  readonly base: BasePlan;
  readonly stock: StockPlan;
  readonly snags: readonly Snag[];
}

/** Wires are called by letters, the spine first. */
const letter = (i: number): string => String.fromCharCode('A'.charCodeAt(0) + i);

/**
 * The scheme "bound loops": a twisted spine, and one wire per limb pair lashed to it; a body that
 * lies, swims or flies takes straight rods from the base instead of pegged feet.
 */
export const planWire = lastCall(
  (wire: Piece['wire'], base: Piece['stance']['base'], stance: StancePlan): WirePlan => {
    const { plan } = stance.posed.skeleton;
    const ropeMm = ropeDiameterMm(wire.spine.strands, choiceDiameterMm(wire.spine));
    const setting: WireSetting = { stance, wire, base, ropeMm };
    const choices = new Map<string, WireChoice>([['A', wire.spine]]);
    const wired = plan.limbPairs.filter((pair) => !stance.folded.includes(pair.id));
    const limbs = wired.map((pair, i) => {
      const id = letter(1 + i);
      const choice = wire.limbs[pair.id] ?? wire.spine;
      choices.set(id, choice);
      return planLimbWire(setting, pair, choice, id);
    });
    const rods = stance.feet
      .filter((hold) => hold.contact.kind !== 'foot' && hold.down)
      .map((hold, i) => {
        const id = letter(1 + wired.length + i);
        const choice = { ...(wire.limbs[hold.contact.id] ?? wire.spine), strands: 1 };
        choices.set(id, choice);
        return planRodWire(setting, hold, choice, id);
      });
    const wires = [planSpineWire(setting, 'A'), ...limbs, ...rods];
    const pegMm = (contactId: string): number => {
      const i = wired.findIndex(
        ({ contactLeft }) =>
          contactLeft !== null && [contactLeft, otherSide(contactLeft)].includes(contactId),
      );
      return limbs[i]?.diameterMm ?? rods[0]?.diameterMm ?? ropeMm;
    };
    const board = planBase(stance, base, pegMm);
    const stock = planStock(wires, choices, wire);
    return {
      wires,
      unwired: plan.limbPairs.filter((pair) => !wired.includes(pair)).map((pair) => pair.name),
      base: board,
      stock,
      snags: [...wires.flatMap((one) => one.snags), ...board.snags, ...stock.snags],
    };
  },
);

/** Every working of the wire stage, in the order in which the ledger shows them. */
export function wireWorkings(plan: WirePlan): readonly Working[] {
  return [
    ...plan.wires.flatMap((wire) => [
      wire.cut,
      ...wire.lines,
      ...(wire.shortStrands ? [wire.shortStrands.cut, ...wire.shortStrands.lines] : []),
      ...wire.bends.flatMap((bend) =>
        [bend.feed, bend.mark, bend.turn, bend.angle, bend.bendTo].filter((w) => w !== undefined),
      ),
      wire.cover,
    ]),
    plan.base.length,
    plan.base.width,
    ...plan.base.holes.flatMap((hole) => [hole.along, hole.across, hole.diameter]),
    ...plan.stock.groups.map((group) => group.buy),
  ];
}
