import { prepare, runTypeScript } from './prepare.mjs'

prepare({ withBrowser: true })
await runTypeScript('scripts/test.ts', process.argv.slice(2))
