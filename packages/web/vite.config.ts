import { join } from 'node:path'
import react from '@vitejs/plugin-react'
import { defineConfig, type Plugin } from 'vite'

/** The theme has no ripples, so what would draw them (2.7 kB of the first load) stays out; a ripple that is never shown is never asked for. */
const withoutRipples: Plugin = {
  name: 'without-ripples',
  enforce: 'pre',
  resolveId: (id, importer) => (id === './TouchRipple.mjs' && importer?.includes('/ButtonBase/') ? '\0no-ripple' : null),
  load: (id) => (id === '\0no-ripple' ? 'export default () => null' : null),
}

export default defineConfig({
  plugins: [withoutRipples, react()],
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
