import tailwindcss from '@tailwindcss/vite'
import react from '@vitejs/plugin-react'
import { defineConfig } from 'vite'

export default defineConfig({
  root: 'standin/page',
  plugins: [react(), tailwindcss()],
  build: { outDir: '../../dist/standin', emptyOutDir: true, target: 'es2022' },
})
