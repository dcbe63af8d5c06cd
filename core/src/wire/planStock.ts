import type { Piece, StockEntry } from '../piece/pieceSchema.ts';
import type { Snag } from '../piece/snag.ts';
import { input, type Working } from '../piece/working.ts';
import { sizeText } from '../units/gauges.ts';
import { metalById } from './metals.ts';
import type { PlannedWire } from './plannedWire.ts';
import { cutFromStock, type CutPiece, type CuttingPlan } from './stockCutting.ts';
import { choiceDiameterMm, sameWire } from './wireStock.ts';

/** One kind of wire the piece needs: what is cut from stock, and what must be bought. */
export interface StockGroup {
  readonly metal: StockEntry['metal'];
  readonly metalName: string;
  readonly size: StockEntry['size'];
  readonly sizeText: string;
  readonly pieces: readonly CutPiece[];
  readonly cutting: CuttingPlan;
  readonly buy: Working;
}

/** All kinds of wire, with a snag for each piece that the wire on hand does not give. */
export interface StockPlan {
  readonly groups: readonly StockGroup[];
  readonly snags: readonly Snag[];
}

/** Every piece to cut: a wire's own length and its shorter strands. */
export function cutPieces(
  wires: readonly PlannedWire[],
): readonly (CutPiece & { wire: PlannedWire })[] {
  return wires.flatMap((wire) => [
    { id: wire.id, mm: wire.cut.value, wire },
    ...Array.from({ length: wire.shortStrands?.count ?? 0 }, () => ({
      id: `${wire.id}2`,
      mm: wire.shortStrands?.cut.value ?? 0,
      wire,
    })),
  ]);
}

/** Groups the pieces by wire and cuts each group from the stock of the same wire. */
export function planStock(
  wires: readonly PlannedWire[],
  choices: ReadonlyMap<string, Pick<StockEntry, 'metal' | 'size'>>,
  wire: Piece['wire'],
): StockPlan {
  const kinds: Pick<StockEntry, 'metal' | 'size'>[] = [];
  for (const choice of choices.values()) {
    if (!kinds.some((kind) => sameWire(kind, choice))) kinds.push(choice);
  }
  const all = cutPieces(wires);
  const groups = kinds.map((kind, i): StockGroup => {
    const pieces = all.filter((piece) => sameWire(choices.get(piece.wire.id)!, kind));
    const sticks = wire.stock
      .filter((entry) => sameWire(entry, kind))
      .flatMap((entry) => entry.lengthsMm.map((mm, n) => ({ id: `${entry.id} no. ${n + 1}`, mm })));
    const cutting = cutFromStock(pieces, sticks, wire.sawLossMm);
    return {
      ...kind,
      metalName: metalById(kind.metal).name,
      sizeText: sizeText(kind.size),
      pieces,
      cutting,
      buy: buyWorking(i, kind, pieces, cutting),
    };
  });
  return { groups, snags: groups.flatMap((group) => missingSnags(group, all)) };
}

function buyWorking(
  index: number,
  kind: Pick<StockEntry, 'metal' | 'size'>,
  pieces: readonly CutPiece[],
  cutting: CuttingPlan,
): Working {
  const need = pieces.reduce((sum, piece) => sum + piece.mm, 0);
  const missing = cutting.missing.reduce((sum, piece) => sum + piece.mm, 0);
  return {
    id: `wire.stock.${index + 1}.buy`,
    stage: 'wire',
    label: `To buy: ${metalById(kind.metal).name} ${choiceDiameterMm(kind).toFixed(2)} mm`,
    value: missing,
    unit: 'mm',
    provenance: 'derived',
    formula: 'pieces that no length on hand gives',
    inputs: [
      input('need', 'Needed in all', need, 'mm', 'derived'),
      input('cut', 'Cut from wire on hand', need - missing, 'mm', 'derived'),
    ],
    source: 'search over all ways of cutting, least length left to buy',
  };
}

function missingSnags(
  group: StockGroup,
  all: readonly (CutPiece & { wire: PlannedWire })[],
): readonly Snag[] {
  return group.cutting.missing.map((piece): Snag => {
    const wire = all.find((one) => one.id === piece.id)?.wire;
    return {
      code: 'not-enough-wire',
      grade: 'watch',
      stage: 'wire',
      target: { kind: 'wire', id: wire?.id ?? piece.id },
      facts: {
        wire: `${piece.id} ${wire?.name ?? ''}`.trim(),
        size: group.sizeText,
        metal: group.metalName,
        missingMm: piece.mm,
      },
    };
  });
}
