import * as say from './words.ts';
import { drawingSvg, featherMaps, featherSheets, nestJob, type Drawing } from '@keen-sinew/core';
import type { CoatOf, PieceFile } from './coatFiles.ts';
import { downloadText } from './download.ts';

/** Large feathers: the maps of wing and tail, and the sheets with those that are cut. */
export function featherFiles({ piece, plan, problem, pdf, dxf }: CoatOf): readonly PieceFile[] {
  const { id } = piece.value;
  const feathers = async (): Promise<readonly Drawing[]> => {
    const of = plan.value.skin.feathers;
    problem.value = of === null ? say.noFeathersToDraw : null;
    if (of === null) return [];
    const job = nestJob(of, piece.value.skin.feathers);
    if (job === null) return featherMaps(plan.value);
    const { nested } = await import('@keen-sinew/core/nest');
    return [...featherMaps(plan.value), ...featherSheets(of, nested(job.input))];
  };
  return [
    {
      id: 'feathers',
      title: say.feathersPdf,
      what: say.feathersAndSheets,
      make: () =>
        void feathers().then((drawings) =>
          drawings.length === 0 ? undefined : pdf('feathers', () => drawings, false),
        ),
    },
    {
      id: 'feathers.svg',
      title: say.feathersSvg,
      what: say.feathersAndSheets,
      make: () =>
        void feathers().then((drawings) =>
          drawings.forEach((drawing) =>
            downloadText(`${id}-${drawing.id}.svg`, drawingSvg(drawing), 'image/svg+xml'),
          ),
        ),
    },
    {
      id: 'feathers.dxf',
      title: say.feathersDxf,
      what: say.feathersAndSheets,
      make: () =>
        void feathers().then(async (drawings) => {
          for (const drawing of drawings) await dxf(drawing.id, drawing);
        }),
    },
  ];
}
