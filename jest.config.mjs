const swc = [
  '@swc/jest',
  {
    jsc: {
      parser: { syntax: 'typescript', tsx: true },
      target: 'es2022',
      transform: { react: { runtime: 'automatic' } },
    },
    module: { type: 'commonjs' },
  },
];
/** Looked up in a test's own context these cost many times what they do outside of it, and they are looked up all the time; Map and Infinity are icons too. */
const USED_MUCH = [
  ...['Math', 'Number', 'String', 'Boolean', 'Symbol', 'Object', 'Array', 'Set', 'WeakMap', 'JSON'],
  ...['Float32Array', 'Float64Array', 'Uint8Array', 'Uint16Array', 'Uint32Array', 'Int32Array'],
];
const shared = {
  sandboxInjectedGlobals: USED_MUCH,
  setupFilesAfterEnv: ['<rootDir>/../jest.patience.mjs'],
  transform: { '^.+\\.(ts|tsx|js|mjs)$': swc },
  transformIgnorePatterns: ['/node_modules/@techstark/'],
  moduleNameMapper: { '^@strut-spot/core$': '<rootDir>/../core/src/index.ts' },
};

export default {
  projects: [
    { displayName: 'core', rootDir: 'core', testEnvironment: 'node', ...shared },
    {
      displayName: 'web',
      rootDir: 'web',
      testEnvironment: 'jsdom',
      testEnvironmentOptions: { customExportConditions: ['node', 'node-addons'] },
      setupFiles: ['<rootDir>/testing/jsdomGaps.ts'],
      ...shared,
      setupFilesAfterEnv: [...shared.setupFilesAfterEnv, '<rootDir>/testing/quickQueries.ts'],
      moduleNameMapper: {
        ...shared.moduleNameMapper,
        '\\.css$': '<rootDir>/testing/emptyStyle.ts',
        '([^/]+)\\.ttf\\?url$': '<rootDir>/testing/fontUrl.ts',
        '/workers/readGlb$': '<rootDir>/testing/inThreadGlb.ts',
        '/workers/core$': '<rootDir>/testing/inThreadWorkers.ts',
        '/scene/CarrierView$': '<rootDir>/testing/CarrierViewStub.tsx',
      },
    },
    { displayName: 'server', rootDir: 'server', testEnvironment: 'node', ...shared },
    { displayName: 'e2e', rootDir: 'e2e', testEnvironment: '<rootDir>/../jest.oneBrowser.mjs', ...shared },
  ],
};
