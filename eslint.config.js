import js from '@eslint/js';
import globals from 'globals';

export default [
  js.configs.recommended,
  {
    files: ['resources/js/**/*.js'],
    languageOptions: { globals: { ...globals.browser, htmx: 'readonly' } },
    rules: { eqeqeq: 'error', 'no-var': 'error', 'prefer-const': 'error', 'no-implicit-globals': 'error', 'no-unused-vars': ['error', { ignoreRestSiblings: true }] },
  },
  { files: ['tests/Scripts/**/*.js'], languageOptions: { globals: { ...globals.node, ...globals.browser } } },
  { files: ['public/site-worker.js'], languageOptions: { globals: globals.serviceworker } },
];
