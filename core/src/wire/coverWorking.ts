import { input, type Working } from '../piece/working.ts';
import type { ThinnestCover } from './cover.ts';

/** The thinnest clay over a wire as a working; the cover asked for is among its inputs. */
export function coverWorking(wireId: string, cover: ThinnestCover, wantedMm: number): Working {
  return {
    id: `wire.${wireId}.cover`,
    stage: 'wire',
    label: `Clay cover, ${cover.place}`,
    value: cover.coverMm,
    unit: 'mm',
    provenance: 'derived',
    formula: 'cover = depth − d / 2',
    note: 'At the place where the clay over it is thinnest.',
    inputs: [
      input('depth', 'Axis below the skin', cover.depthMm, 'mm', 'derived'),
      input('d', 'Thickness of the wire there', cover.wireMm, 'mm', 'own'),
      input('least', 'Cover wanted', wantedMm, 'mm', 'own'),
    ],
    source:
      'round cones on the posed bones; a wire nearer than this shows through (common practice)',
    target: { kind: 'wire', id: wireId },
  };
}
