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

export default defineConfig(
  { ignores: ['**/dist/**', '**/node_modules/**', 'data/**', '.tmp/**', 'test-results/**'] },
  ...tseslint.configs.recommended,
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
  { files: ['server/src/**/*.ts'], rules: never(WEB, DEEP) },
  { files: ['demo/**/*.ts'], rules: never(WEB, SERVER, DEEP) },
  {
    files: ['web/src/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': hooks },
    rules: { ...hooks.configs.recommended.rules, ...never(SERVER, DEEP) },
  },
  { files: ['e2e/**/*.ts'], rules: never(WEB, DEEP, SERVER) },
  { files: ['server/src/tools/**/*.ts', 'scripts/**'], rules: { 'no-console': 'off' } },
)
