/**
 * Tests as npm test runs them: those of the core share a few contexts instead of having one each, and those of the real page share one browser. What
 * the engine has learnt of the code is then learnt twice, not a hundred times, which takes a third off their time.
 */
import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';
import { fileURLToPath } from 'node:url';
import { rolldown } from 'rolldown';
import apart from './jest.config.mjs';

const root = dirname(fileURLToPath(import.meta.url));

/** Leaves a file that is as it should be: the units and the real page are tested side by side, and each reads this. */
function written(path, text) {
  if (!existsSync(path) || readFileSync(path, 'utf8') !== text) writeFileSync(path, text);
}

/** Puts the tests of a project into so many files, each of which is one context to the runner. @returns the folder that they lie in */
function gathered(project, contexts) {
  const folder = join(root, project);
  const together = join(folder, 'dist/together');
  mkdirSync(together, { recursive: true });
  const tests = readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((name) => name.endsWith('.test.ts') && !/^(dist|node_modules)\b/.test(name))
    .sort();
  const names = Array.from({ length: contexts }, (_, n) => `${n + 1}.test.js`);
  for (const name of readdirSync(together)) {
    if (name.endsWith('.test.js') && !names.includes(name)) rmSync(join(together, name));
  }
  for (const [n, file] of names.entries()) {
    const lines = tests
      .filter((_, i) => i % contexts === n)
      .map((name) => {
        const path = relative(together, join(folder, name)).replace(/\.ts$/, '');
        return `describe(${JSON.stringify(`${project}/${name}`)}, () => {\n  require(${JSON.stringify(path)});\n});\n`;
      });
    written(join(together, file), lines.join(''));
  }
  return together;
}
const CONTEXTS = { core: 2, e2e: 1 };
const [together] = Object.entries(CONTEXTS).map(([project, contexts]) => gathered(project, contexts));

const bundle = await rolldown({ input: join(root, 'core/src/index.ts'), platform: 'node', logLevel: 'warn' });
const {
  output: [core],
} = await bundle.generate({ format: 'cjs' });
written(join(together, 'core.cjs'), core.code);

/** These take the core ready made. @param environment one that hands it in; else each file reads it in */
const withSharedCore = (project, environment) => ({
  ...project,
  testEnvironment: environment ? `<rootDir>/../${environment}` : project.testEnvironment,
  moduleNameMapper: { ...project.moduleNameMapper, '^@strut-spot/core$': '<rootDir>/../web/testing/sharedCore.cjs' },
});

const asRunTogether = {
  core: (project) => ({ ...project, testMatch: ['<rootDir>/dist/together/*.test.js'] }),
  web: (project) => withSharedCore(project, 'jest.page.mjs'),
  server: (project) => withSharedCore(project, 'jest.server.mjs'),
  e2e: (project) => ({ ...withSharedCore(project), testMatch: ['<rootDir>/dist/together/*.test.js'] }),
};

export default {
  projects: apart.projects.map((project) => asRunTogether[project.displayName](project)),
  testSequencer: './jest.longestFirst.mjs',
};
