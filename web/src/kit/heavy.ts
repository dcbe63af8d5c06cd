import { defineAsyncComponent } from 'vue';

/** Controls whose part of the library is heavy: each is fetched by the first page that shows it. */
export const FilePicker = defineAsyncComponent(() => import('./FileUpload.vue'));
export const ColourPicker = defineAsyncComponent(() => import('./ColourSwatch.vue'));
export const SliderField = defineAsyncComponent(() => import('./SliderField.vue'));
