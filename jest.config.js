/** CommonJS through @swc/jest: no --experimental-vm-modules. */
const swc = (jsx) => [
  '@swc/jest',
  {
    jsc: {
      target: 'es2022',
      parser: { syntax: 'typescript', tsx: jsx },
      ...(jsx ? { transform: { react: { runtime: 'automatic' } } } : {}),
    },
    module: { type: 'commonjs' },
    sourceMaps: 'inline',
  },
];
const transform = { '^.+\\.tsx$': swc(true), '^.+\\.(ts|mts|cts|js|mjs)$': swc(false) };
/** Packages that ship only as modules, which Jest must turn into its own form. */
const transformIgnorePatterns = ['/node_modules/(?!(@noble|is-animated|tinyqueue)/)'];
const moduleNameMapper = { '^@ironpan/core/(.*)$': '<rootDir>/../core/src/$1/index.ts' };
/**
 * Jest runs each file in a context of its own, where reading a global such as Math is slow: these are handed to it as
 * locals. Not Promise, which Dexie exchanges, nor Date, which fake timers do.
 */
const sandboxInjectedGlobals = [
  ...['Array', 'BigInt', 'Error', 'Float64Array', 'Infinity', 'Intl', 'JSON', 'Map', 'Math', 'Number'],
  ...['Object', 'RegExp', 'Set', 'String', 'Symbol', 'Uint8Array', 'Uint8ClampedArray', 'WeakMap'],
];
const room = (name) => ({
  displayName: name,
  rootDir: `<rootDir>/${name}`,
  testEnvironment: 'node',
  testMatch: ['<rootDir>/test/**/*.test.ts'],
  sandboxInjectedGlobals,
  moduleNameMapper,
  transform,
  transformIgnorePatterns,
});
/** Dexie takes the database of the environment when it is loaded, so the stand-in must be there first. */
const web = { ...room('web'), setupFiles: ['<rootDir>/test/indexeddb.ts'] };
export default { testTimeout: 60_000, projects: [room('core'), web, room('server')] };
