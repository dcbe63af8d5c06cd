import * as say from './words.ts';
import { input, type Working } from '../piece/working.ts';
import type { ThinnestCover } from './cover.ts';

/** The thinnest clay over a wire as a working; the cover asked for is among its inputs. */
export function coverWorking(wireId: string, cover: ThinnestCover, wantedMm: number): Working {
  return {
    id: `wire.${wireId}.cover`,
    stage: 'wire',
    label: say.clayCover(cover.place),
    value: cover.coverMm,
    unit: 'mm',
    provenance: 'derived',
    formula: 'cover = depth − d / 2',
    note: say.atPlaceWhereClay,
    inputs: [
      input('depth', say.axisBelowSkin, cover.depthMm, 'mm', 'derived'),
      input('d', say.thicknessOfWireThere, cover.wireMm, 'mm', 'own'),
      input('least', say.coverWanted, wantedMm, 'mm', 'own'),
    ],
    source: say.sleevesOnPosed,
    target: { kind: 'wire', id: wireId },
  };
}
