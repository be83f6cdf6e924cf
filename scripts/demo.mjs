import { prepare, runTypeScript } from '../machine/prepare.mjs'

prepare({ forTests: false })
await runTypeScript('scripts/demo.ts', process.argv.slice(2))
