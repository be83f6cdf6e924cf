import { fileURLToPath } from 'node:url'
import tailwindcss from '@tailwindcss/vite'
import react from '@vitejs/plugin-react'
import { defineConfig, type Plugin } from 'vite'

// What every first view needs comes in few files: a phone asks for each, and waits for it.
const REACT =
  /node_modules[\\/](react|react-dom|scheduler|react-router|clsx|@tanstack[\\/](query-core|react-query))[\\/]/
const FIRST =
  /web[\\/]parts[\\/](\w+[\\/])?(mount|SignIn|SignInAgain|PageTitle|Notice|live|CurrencyIcon|Button|invalidates|useInvalidate|useFeed|useChange|queryKey|lazily|same)\.tsx?$|core[\\/](currency|earning)[\\/](amount|explain|payout|limits)\.ts$/
const LIVE = /web[\\/]parts[\\/](feed|wake|sound|media)\.ts$|preload-helper|core[\\/]screen[\\/]files\.ts$/
const DESK_FIRST =
  /web[\\/]desk[\\/](status\.ts|rights\.tsx)$|core[\\/]team[\\/]levels\.ts$|web[\\/]parts[\\/](form[\\/]useAction\.ts|Figure\.tsx)$/

// The package leads every program to the build with its warnings for developers.
const ROUTER = fileURLToPath(new URL('./node_modules/react-router/dist/production/index.mjs', import.meta.url))

/** What the first words of a page wait for is asked for before the programs. */
const stylesFirst: Plugin = {
  name: 'styles-first',
  transformIndexHtml: {
    order: 'post',
    handler: (page) => {
      const styles = page.match(/ *<link rel="stylesheet"[^>]*>\n/g) ?? []
      const rest = styles.reduce((left, one) => left.replace(one, ''), page)
      return rest.replace(/ *<script type="module"/, (script) => `${styles.join('')}${script}`)
    },
  },
}

export default defineConfig({
  root: 'web',
  plugins: [react(), tailwindcss(), stylesFirst],
  resolve: { alias: [{ find: /^react-router$/, replacement: ROUTER }] },
  build: {
    outDir: '../dist/web',
    emptyOutDir: true,
    target: 'es2022',
    modulePreload: { polyfill: false },
    rolldownOptions: {
      input: { desk: 'web/desk.html', viewer: 'web/viewer.html', overlay: 'web/overlay.html', front: 'web/front.html' },
      output: {
        codeSplitting: {
          groups: [
            { name: 'react', test: REACT },
            { name: 'live', test: LIVE },
            { name: 'first', test: FIRST },
            { name: 'desk-first', test: DESK_FIRST },
          ],
        },
      },
    },
  },
})
