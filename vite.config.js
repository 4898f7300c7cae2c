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

// What brings the parts of a page keeps pages, too, and looks where before all else; none of ours is kept so. And it
// reads every field letter by letter to see later whether it became another: a browser joins them quicker.
const KEEPS = '  setCurrentPathForHistory(location.pathname + location.search)\n';
const READS = /function attributeHash\(elt\) \{[\s\S]*?\n {2}\}\n/;
const JOINS = `function attributeHash(elt) {
    return elt.getAttributeNames().map((name) => name + ' ' + elt.getAttribute(name)).join('\\n')
  }
`;
const quicker = () => ({
  name: 'quicker',
  transform(code, id) {
    if (!id.includes('htmx.esm')) return null;
    if (!code.includes(KEEPS) || !READS.test(code)) this.error('What is made quicker is written in another way now.');
    return { code: code.replace(KEEPS, '').replace(READS, JOINS), map: null };
  },
});

export default defineConfig({
  base: '/build/',
  publicDir: false,
  plugins: [quicker(), packed()],
  build: {
    outDir: 'public/build',
    manifest: 'manifest.json',
    rollupOptions: { input: ['resources/css/app.scss', 'resources/js/start.js', 'resources/js/app.js'] },
  },
  css: { preprocessorOptions: { scss: { quietDeps: true, silenceDeprecations: ['import', 'global-builtin', 'color-functions', 'if-function'] } } },
});
