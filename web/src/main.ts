import '@fontsource/alegreya/latin-400-italic.css';
import '@fontsource/alegreya/latin-700.css';
import '@fontsource-variable/atkinson-hyperlegible-next';
import '@fontsource-variable/atkinson-hyperlegible-mono';
import './styles/tokens.css';
import './styles/base.css';
import { createPinia } from 'pinia';
import { createApp } from 'vue';
import App from './App.vue';
import { hearDefects } from './composables/defects.ts';
import { router } from './router.ts';
import { holdOpen } from './stores/tabLocks.ts';
import { askWhileUnderWay } from './stores/underWay.ts';

const app = createApp(App).use(createPinia()).use(router);
hearDefects(app, router);
holdOpen();
askWhileUnderWay(window);
app.mount('#app');
// Nothing on the first page waits for it.
if (import.meta.env.PROD)
  void import('./composables/offline.ts').then(({ keepOffline }) => keepOffline());
