/**
 * Tests as npm test runs them: those of core and screens share a few contexts instead of having one each, and those of the real page share one
 * browser. What the engine has read and learnt of the code is then learnt twice, not a hundred times, which takes a third off their time.
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

/** Tests that put something else in place of a module, or want another environment, stay alone. */
const STAYS_ALONE = /jest\.(mock|doMock|resetModules|isolateModules)\(|@jest-environment/;

/**
 * Puts the tests of a project into so many files, each of which is one context to the runner.
 * @param before what such a file begins with
 * @param each what each group of tests in it begins with
 * @returns the folder that they lie in, and the paths of those that stay alone
 */
function gathered(project, { contexts, before = '', each = '' }) {
  const folder = join(root, project);
  const together = join(folder, 'dist/together');
  mkdirSync(together, { recursive: true });
  const all = readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((name) => /\.test\.tsx?$/.test(name) && !/^(dist|node_modules)\b/.test(name))
    .sort();
  const alone = all.filter((name) => STAYS_ALONE.test(readFileSync(join(folder, name), 'utf8')));
  const tests = all.filter((name) => !alone.includes(name));
  const names = Array.from({ length: contexts }, (_, n) => `${n + 1}.test.js`);
  for (const name of readdirSync(together)) {
    if (name.endsWith('.test.js') && !names.includes(name)) rmSync(join(together, name));
  }
  for (const [n, file] of names.entries()) {
    const lines = tests
      .filter((_, i) => i % contexts === n)
      .map((name) => {
        const path = relative(together, join(folder, name)).replace(/\.tsx?$/, '');
        return `describe(${JSON.stringify(`${project}/${name}`)}, () => {\n${each}  require(${JSON.stringify(path)});\n});\n`;
      });
    written(join(together, file), before + lines.join(''));
  }
  return { together, alone: alone.map((name) => `<rootDir>/${name}`) };
}
const core = gathered('core', { contexts: 2 });
const web = gathered('web', {
  contexts: 2,
  before: `const { asAtFirst } = require('../../testing/asAtFirst');\n`,
  each: '  beforeAll(asAtFirst);\n',
});
gathered('e2e', { contexts: 1 });

const bundle = await rolldown({ input: join(root, 'core/src/index.ts'), platform: 'node', logLevel: 'warn' });
const {
  output: [bundled],
} = await bundle.generate({ format: 'cjs' });
written(join(core.together, 'core.cjs'), bundled.code);

/** These take the core ready made. @param environment one that hands it in; else each file reads it in */
const withSharedCore = (project, environment) => ({
  ...project,
  testEnvironment: environment ? `<rootDir>/../${environment}` : project.testEnvironment,
  moduleNameMapper: { ...project.moduleNameMapper, '^@strut-spot/core$': '<rootDir>/../web/testing/sharedCore.cjs' },
});

const TOGETHER = '<rootDir>/dist/together/*.test.js';
const asRunTogether = {
  core: (project) => ({ ...project, testMatch: [TOGETHER, ...core.alone] }),
  web: (project) => ({ ...withSharedCore(project, 'jest.page.mjs'), testMatch: [TOGETHER, ...web.alone] }),
  server: (project) => withSharedCore(project, 'jest.server.mjs'),
  e2e: (project) => ({ ...withSharedCore(project), testMatch: [TOGETHER] }),
};

export default {
  projects: apart.projects.map((project) => asRunTogether[project.displayName](project)),
  testSequencer: './jest.longestFirst.mjs',
};
