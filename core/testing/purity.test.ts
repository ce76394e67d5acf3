import { spawnSync } from 'node:child_process';
import { join } from 'node:path';

const root = join(__dirname, '../..');

/** Lints a text as if it were that file, with the project's own rules. */
function lint(file: string, text: string): string {
  const { stdout } = spawnSync(
    process.execPath,
    ['node_modules/eslint/bin/eslint.js', '--stdin', '--stdin-filename', file],
    {
      cwd: root,
      input: text,
      encoding: 'utf8',
    },
  );
  return stdout;
}

describe('the rule that keeps the core pure', () => {
  it.each([
    ["import { useState } from 'react';\nexport const a = useState;", /no interface/],
    ["import { readFileSync } from 'node:fs';\nexport const a = readFileSync;", /no input or output/],
    ['export const width = () => window.innerWidth;', /core\/ is pure/],
    ['export const now = () => Date.now();', /core\/ is pure/],
    ['export const any = () => Math.random();', /seeded/],
  ])('bites: %s', (text, message) => {
    expect(lint('core/src/mathematics/numbers/sample.ts', text)).toMatch(message);
  });

  it('lets pure code pass', () => {
    expect(lint('core/src/mathematics/numbers/sample.ts', 'export const half = (x: number): number => x / 2;\n')).toBe(
      '',
    );
  });
});
