import { fileURLToPath } from 'node:url'
import node from '@astrojs/node'
import react from '@astrojs/react'
import type { AstroIntegration } from 'astro'
import { defineConfig } from 'astro/config'
import { BUNDLED } from './scripts/bundled.mjs'
import { sharedScripts } from './scripts/sharedScripts'

// The workshop shows every part in each state, for those who work on them and for tests: it is no page of the product.
const withWorkshop = process.env.INNINGS_WORKSHOP === '1'
const workshop: AstroIntegration = {
  name: 'workshop',
  hooks: {
    'astro:config:setup': ({ injectRoute, command }) => {
      if (!withWorkshop && command !== 'dev') return
      injectRoute({ pattern: '/styleguide', entrypoint: './src/workshop/index.astro' })
    },
  },
}

export default defineConfig({
  outDir: process.env.INNINGS_DIST ?? 'dist',
  output: 'server',
  adapter: node({ mode: 'standalone' }),
  integrations: [react(), workshop, sharedScripts],
  srcDir: './src',
  image: { service: { entrypoint: 'astro/assets/services/noop' } },
  devToolbar: { enabled: false },
  security: { checkOrigin: false },
  vite: {
    build: {
      chunkSizeWarningLimit: 900,
      rollupOptions: {
        // The core is pure: what a page does not use of it is left out, tables worked out at the start included.
        treeshake: { moduleSideEffects: (file) => !/\/src\/core\//.test(file) },
      },
    },
    ssr: { external: ['@electric-sql/pglite'], noExternal: BUNDLED },
    resolve: {
      alias: {
        '@astrojs/react/server.js': fileURLToPath(
          new URL('./src/server/renderScreen.ts', import.meta.url),
        ),
      },
    },
  },
  experimental: {
    csp: {
      directives: [
        "default-src 'self'",
        "img-src 'self' data: blob:",
        "font-src 'self' data:",
        "connect-src 'self'",
        "worker-src 'self' blob:",
        "object-src 'none'",
        "base-uri 'self'",
        "form-action 'self'",
        "frame-ancestors 'none'",
      ],
    },
  },
})
