import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { expect, test } from '@jest/globals';

const sources = readdirSync('web/src', { recursive: true, encoding: 'utf8' }).filter((file) =>
  file.endsWith('.tsx'),
);
const imported = (file: string): string[] =>
  [...readFileSync(`web/src/${file}`, 'utf8').matchAll(/import \{([^}]*)\} from '@mantine\/core'/g)]
    .flatMap(([, names = '']) => names.split(','))
    .map((name) => name.trim());

test('every component of the library that is used has its styles, in the order of the library', () => {
  const folder = 'node_modules/@mantine/core';
  const styles = [...readFileSync('web/src/app/mantine.css', 'utf8').matchAll(/styles\/(\S+)\.css/g)].map(
    ([, name]) => name!,
  );
  const used = new Set(sources.flatMap(imported));
  const withStyles = [...used].filter((name) => existsSync(`${folder}/styles/${name}.css`));
  expect(withStyles.length).toBeGreaterThan(10);
  expect(withStyles.filter((name) => !styles.includes(name))).toEqual([]);
  const whole = readFileSync(`${folder}/styles.css`, 'utf8');
  const places = styles.map((name) =>
    whole.indexOf(readFileSync(`${folder}/styles/${name}.css`, 'utf8').trim()),
  );
  expect(places.filter((place) => place < 0)).toEqual([]);
  expect(places).toEqual([...places].sort((a, b) => a - b));
});
