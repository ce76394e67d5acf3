/** The storeys of the house hold: the rule bites, and every folder has its place. */
import { spawnSync } from 'node:child_process';
import { readdirSync, readFileSync, statSync } from 'node:fs';
import { join, relative } from 'node:path';

const root = join(__dirname, '../..');
const storeysOf = (wing: 'core' | 'web'): readonly string[] => {
  const text = readFileSync(join(root, 'house/storeys.mjs'), 'utf8');
  const list = text.slice(text.indexOf(`${wing}: [`));
  return [...list.slice(0, list.indexOf(']')).matchAll(/'([^']+)'/g)].map((m) => m[1]!);
};

/** Reads lists of [file, text] and writes what the linter says of each. */
const LINTER = `
  import { ESLint } from 'eslint';
  const asked = JSON.parse((await import('node:fs')).readFileSync(0, 'utf8'));
  const linter = new ESLint();
  const said = [];
  for (const [filePath, text] of asked)
    said.push((await linter.lintText(text, { filePath })).flatMap((r) => r.messages.map((m) => m.message)).join(' '));
  console.log(JSON.stringify(said));
`;

/** The linter takes seconds to start: all is asked of one. */
function lint(asked: readonly (readonly [file: string, text: string])[]): readonly string[] {
  const { stdout } = spawnSync(process.execPath, ['--input-type=module', '--eval', LINTER], {
    cwd: root,
    input: JSON.stringify(asked),
    encoding: 'utf8',
  });
  return JSON.parse(stdout) as readonly string[];
}

describe('the rule that imports go down the house', () => {
  const bitten = [
    [
      'a discipline that would use a check',
      'core/src/physics/light/sample.ts',
      "export { CHECKS } from '../../judging/checks';\n",
      /src\/physics\/light may not use src\/judging\/checks, which stands above it/,
    ],
    [
      'words that would look into the catalogue',
      'core/src/words/kit/sample.ts',
      "export { CAMERAS } from '../../../catalog/index.generated';\n",
      /src\/words\/kit may not use catalog/,
    ],
    [
      'a screen that would use another',
      'web/src/screens/bench/sample.ts',
      "export { FindScreen } from '../find/FindScreen';\n",
      /bench and find do not know each other/,
    ],
    [
      'a field that would know a screen',
      'web/src/ui/sample.ts',
      "export { BenchScreen } from '../screens/bench/BenchScreen';\n",
      /src\/ui may not use src\/screens/,
    ],
    [
      'a folder without a place',
      'core/src/somewhere/sample.ts',
      'export const one = 1;\n',
      /has no place in the house/,
    ],
  ] as const;
  const said = lint([
    ...bitten.map(([, file, text]) => [file, text] as const),
    ['core/src/judging/report/sample.ts', "export { CHECKS } from '../checks';\n"],
  ]);

  it.each(bitten.map(([name, , , message], i) => [name, message, said[i]!] as const))(
    'bites: %s',
    (_, message, found) => {
      expect(found).toMatch(message);
    },
  );

  it('lets what goes down pass', () => {
    expect(said.at(-1)).toBe('');
  });
});

describe('the list of storeys', () => {
  const folders = (wing: string): readonly string[] => {
    const found: string[] = [];
    const walk = (folder: string) => {
      const names = readdirSync(folder);
      if (names.some((n) => /\.tsx?$/.test(n))) found.push(relative(join(root, wing), folder));
      for (const n of names)
        if (statSync(join(folder, n)).isDirectory() && n !== 'node_modules' && n !== 'fixtures') walk(join(folder, n));
    };
    walk(join(root, wing, 'src'));
    return found;
  };

  it.each(['core', 'web'] as const)('names every folder of %s once, or one above it', (wing) => {
    const storeys = storeysOf(wing);
    expect(new Set(storeys).size).toBe(storeys.length);
    for (const folder of folders(wing)) {
      const placed = storeys.some((s) => folder === s || (s !== 'src' && folder.startsWith(`${s}/`)));
      expect([folder, placed || folder === 'src' || folder.startsWith('src/demo')]).toEqual([folder, true]);
    }
  });

  it('keeps the six storeys of the core in their order', () => {
    const order = ['mathematics', 'words', 'posing', 'physics', 'judging', 'deciding', 'showing'];
    const seen = storeysOf('core')
      .filter((s) => s.startsWith('src/'))
      .map((s) => order.indexOf(s.split('/')[1]!));
    expect(seen).toEqual([...seen].sort((a, b) => a - b));
    expect(seen.every((i) => i >= 0)).toBe(true);
  });
});
