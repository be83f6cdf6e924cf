import { prepare, runTypeScript } from '../machine/prepare.mjs'

prepare({ forTests: true })
await runTypeScript('scripts/test.ts', process.argv.slice(2))
