import {
  INCH_PAPERS,
  isoPaperA,
  isoPaperB,
  toPoints,
  type PaperMm,
} from '../../src/sheets/paper.ts';
import { largestStandardScale } from '../../src/sheets/standardScale.ts';
import { num, nums, type Adapter, type CheckCase } from '../checkFile.ts';

/** Papers in mm and points, millimetres in points, and the standard scale that fits. */
export const drawingStandards: Adapter = (entry) => {
  const n = num(entry, 'n');
  const series = entry.input['series'];
  if (n !== undefined && (series === 'A' || series === 'B')) {
    const [short, long] = series === 'A' ? isoPaperA(n) : isoPaperB(n);
    return {
      short_mm: short,
      long_mm: long,
      short_pt: toPoints(short),
      long_pt: toPoints(long),
    };
  }
  const mm = num(entry, 'mm');
  if (mm !== undefined) return { pt: toPoints(mm) };
  const fit = nums(entry, 'real_mm', 'available_mm');
  if (fit) {
    const scale = largestStandardScale(...fit);
    return scale ? { ratio: scale.ratio, scale: scale.label, drawn_mm: scale.drawnMm } : {};
  }
  return facts(entry);
};

/** Named papers: keys "A4", "B2" as [short, long] mm, or one paper named in the title. */
function facts(checkCase: CheckCase): Record<string, unknown> {
  const paper = paperIn(checkCase.title);
  const points = paper?.map(toPoints);
  const named = Object.keys(checkCase.expected).flatMap((key) => {
    const match = /^([AB])(\d+)$/.exec(key);
    if (!match) return [];
    return [[key, match[1] === 'A' ? isoPaperA(Number(match[2])) : isoPaperB(Number(match[2]))]];
  });
  return {
    ...Object.fromEntries(named),
    mm: paper,
    pt: points,
    w: points?.[0],
    h: points?.[1],
    'common rounding': points?.map((pt) => Math.round(pt * 100) / 100),
  };
}

function paperIn(title: string): PaperMm | undefined {
  const inches = Object.keys(INCH_PAPERS).find((name) => title.includes(name));
  if (inches) return INCH_PAPERS[inches];
  const iso = /^A(\d+)\b/.exec(title);
  return iso ? isoPaperA(Number(iso[1])) : undefined;
}
