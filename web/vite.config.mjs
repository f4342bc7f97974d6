import tailwind from '@tailwindcss/vite'
import react from '@vitejs/plugin-react'
import { defineConfig } from 'vite'
import { VitePWA } from 'vite-plugin-pwa'

/** Everything the app is made of is kept on the device; a newer one waits until somebody says so. */
const shell = VitePWA({
  registerType: 'prompt',
  injectRegister: false,
  includeAssets: ['mark.svg'],
  manifest: {
    name: 'Crisp Hem',
    short_name: 'Crisp Hem',
    description: 'Plans masking, and says what comes off when.',
    start_url: '/',
    display: 'standalone',
    background_color: '#f1ece1',
    theme_color: '#f1ece1',
    icons: [
      { src: '/icon-192.png', sizes: '192x192', type: 'image/png' },
      { src: '/icon-512.png', sizes: '512x512', type: 'image/png', purpose: 'any' },
      { src: '/mark.svg', sizes: 'any', type: 'image/svg+xml' },
    ],
  },
  workbox: {
    globPatterns: ['**/*.{js,css,html,svg,png,woff,woff2}'],
    globIgnores: ['**/.vite/**'],
    maximumFileSizeToCacheInBytes: 8 * 1024 * 1024,
    navigateFallback: '/index.html',
    navigateFallbackDenylist: [/^\/api\//, /^\/office\.crt$/],
    runtimeCaching: [
      {
        urlPattern: /\/api\/jobs\/[^/]+\/photos\//,
        handler: 'CacheFirst',
        options: { cacheName: 'photos', expiration: { maxEntries: 300 } },
      },
    ],
  },
})

export default defineConfig({
  root: import.meta.dirname,
  logLevel: 'warn',
  plugins: [react(), tailwind(), shell],
  worker: { format: 'es' },
  build: { target: 'es2022', outDir: 'dist', emptyOutDir: true, manifest: true },
  server: { proxy: { '/api': 'http://127.0.0.1:4173' } },
})
