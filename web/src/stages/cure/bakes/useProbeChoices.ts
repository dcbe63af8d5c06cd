import { ref, type Ref } from 'vue';
import type { ProbeOven, ProbeSettings } from '../../../devices/openProbe.ts';

/** What the simulated probe is asked for: kept while the page is open. */
const choices = ref<Pick<ProbeSettings, 'oven' | 'speed' | 'ballMm'>>({
  oven: 'steady' as ProbeOven,
  speed: 60,
  ballMm: 20,
});

export const useProbeChoices = (): Ref<Pick<ProbeSettings, 'oven' | 'speed' | 'ballMm'>> => choices;
