import { ref } from 'vue';

/** Whether the application is kept for use without a network, in a quiet sentence. */
export const offlineSentence = ref('');

/**
 * Keeps the whole application in the browser, so that it opens without a network after the first
 * visit. Browsers allow this on localhost and HTTPS only; elsewhere the sentence says so.
 */
export async function keepOffline(): Promise<void> {
  if (!window.isSecureContext || !('serviceWorker' in navigator)) {
    offlineSentence.value =
      'This address is neither localhost nor HTTPS, so the browser will not keep the application for use without a network. Your pieces are kept all the same.';
    return;
  }
  try {
    const registration = await navigator.serviceWorker.register('/sw.js');
    if (!registration.active) offlineSentence.value = 'Being made ready for use without a network.';
    await navigator.serviceWorker.ready;
    offlineSentence.value = 'Kept in this browser: it opens without a network from now on.';
  } catch (error) {
    offlineSentence.value = `The browser would not keep the application for use without a network (${(error as Error).message}). Your pieces are kept all the same.`;
  }
}
