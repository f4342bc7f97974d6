import { defineConfig } from 'vite'

/** Bundles the server and its tools for Node; packages stay in node_modules, core goes in. */
export default defineConfig({
  root: import.meta.dirname,
  logLevel: 'warn',
  ssr: { noExternal: [/^@crisp-hem\//] },
  build: {
    ssr: true,
    target: 'node20',
    outDir: 'dist',
    emptyOutDir: true,
    rollupOptions: {
      input: {
        main: 'src/main.ts',
        heavyWorker: 'src/heavy/worker.ts',
        plan: 'src/tools/plan.ts',
        problem: 'src/tools/problem.ts',
        sample: 'src/tools/sample.ts',
        season: 'src/tools/season.ts',
        bench: 'trials/bench.ts',
        solve: 'src/tools/solve.ts',
        schema: 'src/tools/schema.ts',
        backup: 'src/tools/backup.ts',
        restore: 'src/tools/restore.ts',
        cert: 'src/tools/cert.ts',
        drill: 'trials/drill.ts',
      },
    },
  },
})
