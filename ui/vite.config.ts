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
  server: { proxy: { '/api': 'http://localhost:8080' } },
})
