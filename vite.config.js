import { readFileSync, readdirSync, utimesSync, statSync, writeFileSync } from 'node:fs';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';
import { defineConfig } from 'vite';

const ASSETS = 'public/build/assets';

// What is text lies there small as well: packed once, as hard as it goes, and sent as it lies.
const packed = () => ({
  name: 'packed',
  closeBundle() {
    for (const name of readdirSync(ASSETS).filter((one) => /\.(js|css)$/.test(one))) {
      const file = `${ASSETS}/${name}`;
      const [text, { atime, mtime }] = [readFileSync(file), statSync(file)];
      const hard = { params: { [constants.BROTLI_PARAM_QUALITY]: constants.BROTLI_MAX_QUALITY } };
      writeFileSync(`${file}.br`, brotliCompressSync(text, hard));
      writeFileSync(`${file}.gz`, gzipSync(text, { level: 9 }));
      for (const end of ['br', 'gz']) utimesSync(`${file}.${end}`, atime, mtime);
    }
  },
});

// What brings the parts of a page keeps pages, too, and looks where before all else. None of ours is kept so: it is the
// one thing of it that is left out.
const KEEPS = '  setCurrentPathForHistory(location.pathname + location.search)\n';
const withoutHistory = () => ({
  name: 'without-history',
  transform(code, id) {
    if (!id.includes('htmx.esm')) return null;
    if (!code.includes(KEEPS)) this.error('What begins its history is written in another way now.');
    return { code: code.replace(KEEPS, ''), map: null };
  },
});

export default defineConfig({
  base: '/build/',
  publicDir: false,
  plugins: [withoutHistory(), packed()],
  build: {
    outDir: 'public/build',
    manifest: 'manifest.json',
    rollupOptions: { input: ['resources/css/app.scss', 'resources/js/start.js', 'resources/js/app.js'] },
  },
  css: { preprocessorOptions: { scss: { quietDeps: true, silenceDeprecations: ['import', 'global-builtin', 'color-functions', 'if-function'] } } },
});
