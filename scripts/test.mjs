import { prepare, runTypeScript } from './prepare.mjs'

prepare({ forTests: true })
await runTypeScript('scripts/test.ts', process.argv.slice(2))
