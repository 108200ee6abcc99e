import { join } from 'node:path'
import react from '@vitejs/plugin-react'
import { defineConfig, type Plugin } from 'vite'

/** Parts of the toolkit that this product never uses, by who asks for them: the theme has no ripples, no button waits with a turning circle, and no component is wrapped for its theme. Left in they are 4 kB of the first load. */
const NEVER_USED: readonly (readonly [by: string, part: string])[] = [
  ['/ButtonBase/', './TouchRipple.mjs'],
  ['/Button/', '../CircularProgress/index.mjs'],
  ['/@emotion/react/', 'hoist-non-react-statics'],
]
const withoutUnused: Plugin = {
  name: 'without-unused',
  enforce: 'pre',
  resolveId: (id, importer = '') => (NEVER_USED.some(([by, part]) => id === part && importer.includes(by)) ? '\0unused' : null),
  load: (id) => (id === '\0unused' ? 'export default () => null' : null),
}

export default defineConfig({
  plugins: [withoutUnused, react()],
  worker: { format: 'es' },
  build: { target: 'es2023', sourcemap: false, reportCompressedSize: false, modulePreload: { polyfill: false } },
  // The server answers only to its own address, so that is what the proxy says.
  server: {
    // The guide is read from the project's own docs.
    fs: { allow: [join(import.meta.dirname, '../..')] },
    proxy: {
      '/api': {
        target: `http://127.0.0.1:${process.env['JOVRIN_PORT'] ?? '4781'}`,
        changeOrigin: true,
        configure: (proxy) => proxy.on('proxyReq', (request) => request.removeHeader('origin')),
      },
    },
  },
})
