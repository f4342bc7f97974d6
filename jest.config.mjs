import { availableParallelism } from 'node:os'

/** How many times slower this machine is at the moment than a quiet one: a sum that takes 35 ms there. */
function slowness() {
  const from = performance.now()
  let sum = 0
  for (let i = 0; i < 5_000_000; i++) sum = (sum * 31 + i) % 1_000_003
  return Math.max(1, (performance.now() - from + (sum < 0 ? 1 : 0)) / 35)
}

export default {
  // Nothing takes a tenth of this on a quiet machine; a shared one is at times a fifth as fast.
  testTimeout: Math.min(240_000, Math.round(30_000 * slowness())),
  testMatch: [
    '<rootDir>/core/**/*.test.ts',
    '<rootDir>/server/**/*.test.ts',
    '<rootDir>/web/**/*.test.{ts,tsx}',
    '<rootDir>/demo/**/*.test.ts',
  ],
  transform: {
    '^.+\\.(t|j|mj)sx?$': [
      '@swc/jest',
      {
        jsc: {
          parser: { syntax: 'typescript', tsx: true },
          transform: { react: { runtime: 'automatic' } },
          target: 'es2022',
        },
        module: { type: 'commonjs' },
      },
    ],
  },
  transformIgnorePatterns: [
    '/node_modules/(?!(@date-fns/tz|svg-pathdata|psychrolib|suncalc|intl-messageformat|@formatjs|content-disposition|cookie|mime)/)',
  ],
  globalSetup: '<rootDir>/scripts/makeDemo.ts',
  setupFiles: ['<rootDir>/scripts/steadySeed.mjs'],
  moduleNameMapper: {
    '^\\./ternQuayLog$': '<rootDir>/scripts/keptDemo.ts',
    '^@crisp-hem/core$': '<rootDir>/core/src/index.ts',
    '^@crisp-hem/core/engine$': '<rootDir>/core/src/solve/engine/index.ts',
    '^@crisp-hem/core/exchange$': '<rootDir>/core/src/survey/exchange/index.ts',
    '^@crisp-hem/core/wire$': '<rootDir>/core/src/edge/wire/index.ts',
  },
  // One process for each core: left to itself Jest spares one, and of two that is half.
  maxWorkers: Math.max(1, availableParallelism()),
  sandboxInjectedGlobals: ['Math', 'Object', 'Array', 'Set', 'JSON', 'Int32Array', 'Date', 'Intl'],
  testEnvironment: 'node',
}
