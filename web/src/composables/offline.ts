import * as say from './words.ts';
import { ref } from 'vue';
import { useNoteStore } from '../stores/noteStore.ts';
import { usePieceStore } from '../stores/pieceStore.ts';

/** Whether the application is kept for use without a network, in a quiet sentence. */
export const offlineSentence = ref('');

/**
 * Keeps the whole application in the browser, so that it opens without a network after the first
 * visit. Browsers allow this on localhost and HTTPS only; elsewhere the sentence says so. A newer
 * version is told when it is ready, and waits until it is asked for.
 */
export async function keepOffline(): Promise<void> {
  if (!window.isSecureContext || !('serviceWorker' in navigator)) {
    offlineSentence.value = say.thisAddressIsNeither;
    return;
  }
  try {
    const registration = await navigator.serviceWorker.register('/sw.js');
    if (!registration.active) offlineSentence.value = say.beingMadeReadyFor;
    hearNewer(registration);
    await navigator.serviceWorker.ready;
    offlineSentence.value = say.keptInThisBrowser;
  } catch (error) {
    offlineSentence.value = say.browserWouldNotKeep((error as Error).message);
  }
}

/** Whether this tab has asked for the newer version. */
let asked = false;

function hearNewer(registration: ServiceWorkerRegistration): void {
  const { serviceWorker } = navigator;
  // On a first visit there is no older version that could be replaced.
  if (!serviceWorker.controller) return;
  if (registration.waiting) tellNewer(registration.waiting);
  registration.addEventListener('updatefound', () => {
    const { installing } = registration;
    installing?.addEventListener('statechange', () => {
      if (installing.state === 'installed') tellNewer(installing);
    });
  });
  serviceWorker.addEventListener('controllerchange', () => {
    if (asked) location.reload();
    else tellOvertaken();
  });
  document.addEventListener('visibilitychange', () => {
    // Without a network there is no newer version to be had: that is asked again the next time.
    if (document.visibilityState === 'visible') registration.update().catch(() => undefined);
  });
}

function tellNewer(waiting: ServiceWorker): void {
  useNoteStore().tell({
    sentence: say.newVersionIsReady,
    label: say.takeIt,
    stays: true,
    act: async () => {
      await usePieceStore().settled();
      asked = true;
      waiting.postMessage({ type: 'SKIP_WAITING' });
    },
  });
}

/** Another tab has taken the newer version: this one goes on, and is told. */
function tellOvertaken(): void {
  useNoteStore().tell({
    sentence: say.otherTabTookNewer,
    label: say.loadAgain,
    stays: true,
    act: async () => {
      await usePieceStore().settled();
      location.reload();
    },
  });
}
