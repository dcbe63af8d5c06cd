import * as say from './words.ts';
import { ref } from 'vue';

/** Whether the application is kept for use without a network, in a quiet sentence. */
export const offlineSentence = ref('');

/**
 * Keeps the whole application in the browser, so that it opens without a network after the first
 * visit. Browsers allow this on localhost and HTTPS only; elsewhere the sentence says so.
 */
export async function keepOffline(): Promise<void> {
  if (!window.isSecureContext || !('serviceWorker' in navigator)) {
    offlineSentence.value = say.thisAddressIsNeither;
    return;
  }
  try {
    const registration = await navigator.serviceWorker.register('/sw.js');
    if (!registration.active) offlineSentence.value = say.beingMadeReadyFor;
    await navigator.serviceWorker.ready;
    offlineSentence.value = say.keptInThisBrowser;
  } catch (error) {
    offlineSentence.value = say.browserWouldNotKeep((error as Error).message);
  }
}
