import js from '@eslint/js';
import { defineConfig, globalIgnores } from 'eslint/config';
import globals from 'globals';
import reactHooks from 'eslint-plugin-react-hooks';
import { reactRefresh } from 'eslint-plugin-react-refresh';
import tseslint from 'typescript-eslint';

/** Now is a number passed in: only the clock files may ask the machine for it (docs/decisions/0002). */
const noClock = [
  { selector: "CallExpression[callee.object.name='Date'][callee.property.name='now']", message: 'Now is passed in.' },
  { selector: "NewExpression[callee.name='Date'][arguments.length=0]", message: 'Now is passed in.' },
  {
    selector: "CallExpression[callee.object.name='Math'][callee.property.name='random']",
    message: 'Seeds are passed in.',
  },
];

export default defineConfig([
  globalIgnores(['**/dist', '.cache', 'e2e/test-results']),
  js.configs.recommended,
  {
    files: ['**/*.{ts,tsx}'],
    extends: [tseslint.configs.strictTypeChecked],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    rules: {
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
      '@typescript-eslint/no-confusing-void-expression': ['error', { ignoreArrowShorthand: true }],
      // There are no enums here, and looking for them everywhere takes a tenth of the time.
      '@typescript-eslint/no-unsafe-enum-assignment': 'off',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
    },
  },
  {
    files: ['{core,web,server}/src/**/*.{ts,tsx}'],
    ignores: ['web/src/clock.ts', 'server/src/clock.ts'],
    rules: { 'no-restricted-syntax': ['error', ...noClock] },
  },
  {
    files: ['web/src/**/*.{ts,tsx}'],
    extends: [reactHooks.configs.flat['recommended-latest'], reactRefresh.configs.vite()],
    languageOptions: { globals: globals.browser },
  },
  { files: ['**/*.{js,mjs,cjs}'], languageOptions: { globals: globals.node } },
  { files: ['web/public/**/*.js'], languageOptions: { globals: globals.browser, sourceType: 'script' } },
]);
