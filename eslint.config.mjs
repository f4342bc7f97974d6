import { defineConfig } from 'eslint/config'
import tseslint from 'typescript-eslint'
import hooks from 'eslint-plugin-react-hooks'
import chain from './scripts/lint/chain.mjs'

/** Who may import whom: web → core ← server; nothing imports web; demo and e2e use public entry points. */
const never = (...patterns) => ({
  'no-restricted-imports': ['error', { patterns: patterns.map(([group, message]) => ({ group, message })) }],
})
const WEB = [['@crisp-hem/web', '@crisp-hem/web/*', '**/web/src/*'], 'nothing imports web']
const SERVER = [
  ['@crisp-hem/server', '@crisp-hem/server/*', '**/server/src/*'],
  'web, core and demo do not import server',
]
const DEEP = [['@crisp-hem/core/src/*', '**/core/src/*'], 'use the entry points of core']
const RUNTIME = [
  ['node:*', 'react', 'react-dom', 'fastify', 'better-sqlite3'],
  'core has no runtime, no interface and no database',
]

/** One program for all workspaces: reading core four times over took as long as the rules themselves. */
const PROJECTS = ['tsconfig.lint.json']
/** Files that belong to a tsconfig, and so can be judged with their types. */
const TYPED = [
  'core/src/**/*.ts',
  'core/tests/**/*.ts',
  'server/**/*.ts',
  'web/src/**/*.{ts,tsx}',
  'e2e/**/*.ts',
  'demo/**/*.ts',
]

export default defineConfig(
  { ignores: ['**/dist/**', '**/node_modules/**', 'data/**', '.tmp/**', 'test-results/**'] },
  ...tseslint.configs.recommended,
  {
    files: TYPED,
    extends: tseslint.configs.recommendedTypeCheckedOnly,
    languageOptions: { parserOptions: { project: PROJECTS, tsconfigRootDir: import.meta.dirname } },
    rules: {
      // Handlers and hooks of the server are asked to answer with promises, whether or not they wait for something.
      '@typescript-eslint/require-await': 'off',
      '@typescript-eslint/switch-exhaustiveness-check': [
        'error',
        { considerDefaultExhaustiveForUnions: true, requireDefaultForNonUnion: true },
      ],
    },
  },
  {
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports' }],
      eqeqeq: 'error',
      'no-console': 'error',
    },
  },
  {
    files: ['core/src/**/*.ts'],
    ignores: ['**/*.test.ts'],
    plugins: { own: chain },
    rules: { ...never(WEB, SERVER, RUNTIME), 'own/chain': 'error' },
  },
  { files: ['server/src/**/*.ts'], plugins: { own: chain }, rules: { ...never(WEB, DEEP), 'own/chain': 'error' } },
  { files: ['demo/**/*.ts'], rules: never(WEB, SERVER, DEEP) },
  {
    files: ['web/src/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': hooks, own: chain },
    rules: { ...hooks.configs.recommended.rules, ...never(SERVER, DEEP), 'own/chain': 'error' },
  },
  { files: ['e2e/**/*.ts'], rules: never(WEB, DEEP, SERVER) },
  {
    // A listener's tools are made to be taken apart.
    files: ['web/src/app/state/*.ts'],
    rules: { '@typescript-eslint/unbound-method': 'off' },
  },
  {
    // What cannot be missing is told by its type or looked up with an answer; a bang says why beside it.
    files: ['core/src/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: { '@typescript-eslint/no-non-null-assertion': 'error' },
  },
  {
    // From five on, arguments are told apart by name. The solver and the runs of chance call theirs millions of times.
    files: ['core/src/**/*.ts', 'server/**/*.ts', 'web/src/**/*.{ts,tsx}', 'demo/**/*.ts'],
    ignores: ['core/src/solve/**', 'core/src/planning/chance/run.ts', '**/*.test.{ts,tsx}', '**/tests/**'],
    rules: { 'max-params': ['error', 4] },
  },
  { files: ['server/src/tools/**/*.ts', 'server/trials/**/*.ts', 'scripts/**'], rules: { 'no-console': 'off' } },
  {
    // Tests read answers as they come; what they find there is what they check.
    files: ['**/*.test.{ts,tsx}', '**/tests/**/*.ts', 'e2e/**/*.ts'],
    rules: {
      '@typescript-eslint/no-unsafe-argument': 'off',
      '@typescript-eslint/no-unsafe-assignment': 'off',
      '@typescript-eslint/no-unsafe-call': 'off',
      '@typescript-eslint/no-unsafe-member-access': 'off',
      '@typescript-eslint/no-unsafe-return': 'off',
    },
  },
)
