import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vite';

export default defineConfig({
  plugins: [vue()],
  worker: { format: 'es' },
  build: {
    target: 'es2023',
    // Fonts stay files: the content security policy allows them from the same address only.
    assetsInlineLimit: 0,
    chunkSizeWarningLimit: 700,
  },
});
