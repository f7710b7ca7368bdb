import { defineConfig } from 'vite'
import vue from '@vitejs/plugin-vue'
import tailwindcss from '@tailwindcss/vite'

export default defineConfig({
  plugins: [vue(), tailwindcss()],
  // The licences of everything that is bundled are shipped beside it.
  build: {
    target: 'es2022',
    assetsInlineLimit: 0,
    license: { fileName: 'licences-of-the-interface.md' },
  },
  // The table of measures is the server's.
  server: { proxy: { '/api': 'http://localhost:8080' }, fs: { allow: ['..'] } },
})
