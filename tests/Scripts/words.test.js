import assert from 'node:assert/strict';
import { readFileSync, readdirSync } from 'node:fs';
import test from 'node:test';
import * as acorn from 'acorn';

const folder = new URL('../../resources/js/', import.meta.url);
const scripts = readdirSync(folder).filter((file) => file.endsWith('.js'));

/** Every text that stands in a script, but what is only thrown. */
function texts(node, found = []) {
  if (!node || typeof node !== 'object' || node.type === 'ThrowStatement' || node.type === 'ImportDeclaration')
    return found;
  if (node.type === 'Literal' && typeof node.value === 'string') found.push(node.value);
  if (node.type === 'TemplateElement') found.push(node.value.cooked);
  Object.values(node)
    .flat()
    .forEach((child) => texts(child, found));

  return found;
}

for (const file of scripts) {
  test(`${file} says nothing in a language of its own`, () => {
    const tree = acorn.parse(readFileSync(new URL(file, folder), 'utf8'), {
      ecmaVersion: 'latest',
      sourceType: 'module',
    });
    assert.deepEqual(
      texts(tree).filter((text) => /[A-Z][a-z]+( [a-z]+){2,}/.test(text)),
      [],
    );
  });
}

test('every word that a script says is in the books of both languages', () => {
  const book = (language) => readFileSync(new URL(`../../lang/${language}/scripts.php`, import.meta.url), 'utf8');
  const said = scripts.flatMap((file) =>
    [...readFileSync(new URL(file, folder), 'utf8').matchAll(/\bword\('([\w-]+)'/g)].map(([, key]) => key),
  );
  const missing = (language) => said.filter((key) => !book(language).includes(`'${key}' =>`));
  assert.ok(said.length > 15);
  assert.deepEqual([missing('en'), missing('es')], [[], []]);
});
