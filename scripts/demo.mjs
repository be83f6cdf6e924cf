import { prepare, runTypeScript } from './prepare.mjs'

prepare({ forTests: false })
await runTypeScript('scripts/demo.ts', process.argv.slice(2))
