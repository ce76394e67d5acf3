/**
 * Unit and reference tests as npm test runs them: those of the core share a few contexts instead of having one each. What the engine has
 * learnt of the core's code is then learnt twice, not a hundred times, which takes a third off their time.
 */
import { mkdirSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';
import { fileURLToPath } from 'node:url';
import { rolldown } from 'rolldown';
import apart from './jest.config.mjs';

const CONTEXTS = 2;
const root = dirname(fileURLToPath(import.meta.url));
const core = join(root, 'core');
const together = join(core, 'dist/together');

rmSync(together, { recursive: true, force: true });
mkdirSync(together, { recursive: true });
const tests = readdirSync(core, { recursive: true, encoding: 'utf8' })
  .filter((name) => name.endsWith('.test.ts') && !/^(dist|node_modules)\b/.test(name))
  .sort();
for (let n = 0; n < CONTEXTS; n++) {
  const lines = tests
    .filter((_, i) => i % CONTEXTS === n)
    .map((name) => {
      const path = relative(together, join(core, name)).replace(/\.ts$/, '');
      return `describe(${JSON.stringify(`core/${name}`)}, () => {\n  require(${JSON.stringify(path)});\n});\n`;
    });
  writeFileSync(join(together, `${n + 1}.test.js`), lines.join(''));
}

const bundle = await rolldown({ input: join(core, 'src/index.ts'), platform: 'node', logLevel: 'warn' });
await bundle.write({ file: join(together, 'core.cjs'), format: 'cjs' });

/** Tests of page and server take the core ready made. */
const withSharedCore = (project, environment) => ({
  ...project,
  testEnvironment: `<rootDir>/../${environment}`,
  moduleNameMapper: { ...project.moduleNameMapper, '^@strut-spot/core$': '<rootDir>/../web/testing/sharedCore.cjs' },
});

export default {
  projects: apart.projects
    .filter(({ displayName }) => displayName !== 'e2e')
    .map((project) =>
      project.displayName === 'core'
        ? { ...project, testMatch: ['<rootDir>/dist/together/*.test.js'] }
        : withSharedCore(project, project.displayName === 'web' ? 'jest.page.mjs' : 'jest.server.mjs'),
    ),
  testSequencer: './jest.longestFirst.mjs',
};
