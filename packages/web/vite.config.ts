import react from '@vitejs/plugin-react'
import { defineConfig } from 'vite'

export default defineConfig({
  plugins: [react()],
  worker: { format: 'es' },
  build: { target: 'es2023', sourcemap: false, reportCompressedSize: false, modulePreload: { polyfill: false } },
  // The server answers only to its own address, so that is what the proxy says.
  server: {
    proxy: {
      '/api': {
        target: `http://127.0.0.1:${process.env['JOVRIN_PORT'] ?? '4781'}`,
        changeOrigin: true,
        configure: (proxy) => proxy.on('proxyReq', (request) => request.removeHeader('origin')),
      },
    },
  },
})
