import tailwind from '@tailwindcss/vite'
import react from '@vitejs/plugin-react'
import { defineConfig } from 'vite'

export default defineConfig({
  root: import.meta.dirname,
  logLevel: 'warn',
  plugins: [react(), tailwind()],
  worker: { format: 'es' },
  build: { target: 'es2022', outDir: 'dist', emptyOutDir: true, manifest: true },
  server: { proxy: { '/api': 'http://127.0.0.1:4173' } },
})
