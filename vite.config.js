import { defineConfig } from 'vite';

export default defineConfig({
  base: '/build/',
  publicDir: false,
  build: {
    outDir: 'public/build',
    manifest: 'manifest.json',
    rollupOptions: { input: ['resources/css/app.scss', 'resources/js/app.js'] },
  },
  css: { preprocessorOptions: { scss: { quietDeps: true, silenceDeprecations: ['import', 'global-builtin', 'color-functions', 'if-function'] } } },
});
