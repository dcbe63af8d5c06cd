import { defineStore } from 'pinia';
import { ref } from 'vue';

/** Whether the list of keys is open; any page can ask for it. */
export const useKeysStore = defineStore('keys', () => {
  const shown = ref(false);
  const show = (): void => void (shown.value = true);
  return { shown, show };
});
