import * as say from './words.ts';
import type { ReliefView } from '@keen-sinew/core';
import type { ZoneUnder } from '@keen-sinew/core/palette';
import { onScopeDispose, ref, watch, type Ref } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import type { LaidQuestion } from '../../../workers/palette.worker.ts';
import { withPart } from '../../withPart.ts';
import { askPicture } from '../pictures/askPicture.ts';
import type { PictureAsk } from '../pictures/usePictureAsk.ts';
import { usePlacing } from './usePlacing.ts';

/** The piece laid over a picture of its animal, so that every zone that is seen is asked for at once. */
export function useLaidPiece({ picture, card, kind }: PictureAsk, view: Readonly<Ref<ReliefView>>) {
  const { piece, plan, change } = usePiecePlan();
  const laid = usePlacing(picture, view);
  const { isLaid, form, placing } = laid;
  const busy = ref(false);
  const problem = ref<string | null>(null);
  /** Zones of which too little was seen, by name, since the picture was last asked. */
  const small = ref<readonly string[]>([]);
  let current = new AbortController();
  watch([() => picture.value?.id, view, isLaid, () => JSON.stringify(placing.value)], () => {
    current.abort();
    [busy.value, problem.value, small.value] = [false, null, []];
  });
  onScopeDispose(() => current.abort());

  function take(found: readonly ZoneUnder[], name: string): void {
    const names = new Map(
      (plan.value.colour?.zones ?? []).map(({ zone }) => [zone.id, zone.name] as const),
    );
    const told = found.filter(({ zoneId }) => names.has(zoneId));
    const read = told.flatMap(({ zoneId, hex }) =>
      hex === null ? [] : [[zoneId, { hex, picture: name }] as const],
    );
    small.value = told.flatMap(({ zoneId, hex }) => (hex === null ? names.get(zoneId)! : []));
    if (read.length === 0) problem.value = say.nothingUnder;
    else
      change(say.readAll(name), (p) =>
        withPart(p, 'colour', { seen: { ...p.colour.seen, ...Object.fromEntries(read) } }),
      );
  }

  async function read(): Promise<void> {
    const [of, on, at] = [form.value, picture.value, placing.value];
    if (of === undefined || on === null || at === null) return;
    current.abort();
    const { signal } = (current = new AbortController());
    [busy.value, problem.value] = [true, null];
    const question: LaidQuestion = {
      ...{ areas: of.areas, middle: of.middle, placing: at, widthPx: on.widthPx },
      ...{ card: card.value, kind: kind.value },
    };
    const asked = await askPicture(
      piece.value.id,
      on,
      question,
      (worker, bytes, plain) => worker.under(bytes, plain),
      signal,
    );
    if (signal.aborted) return;
    busy.value = false;
    problem.value = asked.problem;
    if (asked.answer !== null) take(asked.answer, on.name);
  }

  return { ...laid, busy, problem, small, read };
}

export type LaidPieceState = ReturnType<typeof useLaidPiece>;
