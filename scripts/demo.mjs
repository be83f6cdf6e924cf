import { prepare, runTypeScript } from './prepare.mjs'

prepare({ withBrowser: false })
await runTypeScript('scripts/demo.ts', process.argv.slice(2))
