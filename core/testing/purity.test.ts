import { spawnSync } from 'node:child_process';
import { join } from 'node:path';

const root = join(__dirname, '../..');

/** Each with what the rule says of it; null where it must pass. */
const SAMPLES: readonly (readonly [text: string, message: RegExp | null])[] = [
  ["import { useState } from 'react';\nexport const a = useState;", /no interface/],
  ["import { readFileSync } from 'node:fs';\nexport const a = readFileSync;", /no input or output/],
  ['export const width = () => window.innerWidth;', /core\/ is pure/],
  ['export const now = () => Date.now();', /core\/ is pure/],
  ['export const any = () => Math.random();', /seeded/],
  ['export const half = (x: number): number => x / 2;\n', null],
];

/** Lints texts as if each were a file of the core, with the project's own rules. */
const LINT = `
  import { ESLint } from 'eslint';
  const eslint = new ESLint();
  const said = [];
  for (const text of JSON.parse(process.argv[1])) {
    const [{ messages }] = await eslint.lintText(text, { filePath: 'core/src/mathematics/numbers/sample.ts' });
    said.push(messages.map(({ message }) => message).join(' '));
  }
  console.log(JSON.stringify(said));
`;

describe('the rule that keeps the core pure', () => {
  const { stdout } = spawnSync(
    process.execPath,
    ['--input-type=module', '-e', LINT, JSON.stringify(SAMPLES.map(([text]) => text))],
    { cwd: root, encoding: 'utf8' },
  );
  const said = JSON.parse(stdout) as readonly string[];
  it.each(SAMPLES.map(([text, message], i) => [text, message, said[i]!] as const))('%s', (_, message, found) =>
    message ? expect(found).toMatch(message) : expect(found).toBe(''),
  );
});
