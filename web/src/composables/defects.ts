import * as say from './words.ts';
import type { App } from 'vue';
import type { Router } from 'vue-router';
import { useNoteStore } from '../stores/noteStore.ts';

/** Sentences of the engines for a part of the application that could not be fetched. */
const FETCH_FAILURES =
  /dynamically imported module|importing a module script|module script failed|Unable to preload|Loading chunk/i;

/** Whether a part of the application is missing, as after a newer version was put in its place. */
export const isFetchFailure = (error: unknown): boolean =>
  error instanceof Error && FETCH_FAILURES.test(error.message);

/**
 * What of Vue’s notes on an error means that a page is not whole: setup, rendering, its scheduler, an
 * async part, or a hook before it is there; named while developing and numbered when built
 * (vuejs.org/error-reference).
 */
const PAGE_BROKEN =
  /^(setup function|render function|scheduler flush|component update|async component loader|(beforeM|m)ounted hook|(beforeU|u)pdated hook)$|#runtime-(0|1|13|14|15|bm|m|bu|u)$/;

/** Whether an error of this kind leaves no page to go on with. */
export const isPageBroken = (info: string): boolean => PAGE_BROKEN.test(info);

const told = new Set<string>();

/** Writes a defect to the console for those who mend it, and tells it once where the page goes on. */
export function tellDefect(error: unknown, pageGoesOn = true): void {
  // eslint-disable-next-line no-console -- those who mend it need the whole of it
  console.error(error);
  const missing = isFetchFailure(error);
  const sentence = missing ? say.partIsMissing : say.wentWrong(String(error));
  if (!pageGoesOn || told.has(sentence)) return;
  told.add(sentence);
  const act = (): void => location.reload();
  useNoteStore().tell({ sentence, label: say.loadAgain, act, stays: true });
}

/** Hears of every error that no boundary has caught: nothing fails in silence. */
export function hearDefects(app: App, router: Router): void {
  app.config.errorHandler = (error) => tellDefect(error);
  router.onError((error) => tellDefect(error));
  addEventListener('unhandledrejection', ({ reason }) => tellDefect(reason));
}
