import { defineAsyncComponent } from 'vue';

/** Controls whose part of the library is heavy: each is fetched by the first page that shows it. */
export const FilePicker = defineAsyncComponent(() => import('./FileUpload.vue'));
/** A calendar to pick a day from. */
export const DateField = defineAsyncComponent(() => import('./DateField.vue'));
export const ColourPicker = defineAsyncComponent(() => import('./ColourSwatch.vue'));
export const SliderField = defineAsyncComponent(() => import('./SliderField.vue'));
/** The switch by itself is light, and still what the first page can best do without until it stands. */
export const LateSwitch = defineAsyncComponent(() => import('./SwitchField.vue'));
