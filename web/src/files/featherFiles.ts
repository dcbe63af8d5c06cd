import * as say from './words.ts';
import {
  bladeSheets,
  drawingSvg,
  featherMaps,
  featherSheets,
  nestJob,
  type Drawing,
} from '@keen-sinew/core';
import type { CoatOf, PieceFile } from './coatFiles.ts';
import { downloadText } from './download.ts';

/** Large feathers: the maps of wing and tail, and the sheets with those that are cut. */
export function featherFiles({ piece, plan, problem, pdf, dxf }: CoatOf): readonly PieceFile[] {
  const { id } = piece.value;
  const made = async (): Promise<readonly Drawing[]> => {
    const of = plan.value.skin.feathers;
    const flat = [...featherMaps(plan.value), ...bladeSheets(plan.value)];
    problem.value = flat.length === 0 ? say.noFeathersToDraw : null;
    const job = of && nestJob(of, piece.value.skin.feathers);
    if (of === null || job === null) return flat;
    const { nested } = await import('@keen-sinew/core/nest');
    return [...flat, ...featherSheets(of, nested(job.input))];
  };
  const feathers = (act: (drawings: readonly Drawing[]) => unknown): void =>
    void made()
      .then((drawings) => (drawings.length === 0 ? undefined : act(drawings)))
      .catch((error: unknown) => {
        problem.value = say.sheetsCouldNotBe((error as Error).message);
      });
  return [
    {
      id: 'feathers',
      title: say.feathersPdf,
      what: say.feathersAndSheets,
      make: () => feathers((drawings) => pdf('feathers', () => drawings, false)),
    },
    {
      id: 'feathers.svg',
      title: say.feathersSvg,
      what: say.feathersAndSheets,
      make: () =>
        feathers((drawings) =>
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
        feathers(async (drawings) => {
          for (const drawing of drawings) await dxf(drawing.id, drawing);
        }),
    },
  ];
}
