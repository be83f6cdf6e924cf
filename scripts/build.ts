import { createHash } from 'node:crypto'
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs'
import { brotliCompressSync, gzipSync } from 'node:zlib'
import { type BuildOptions, build as bundle } from 'esbuild'
import { build as buildPages } from 'vite'

const STAMP = 'dist/.built-from'
const SOURCES = [
  'core',
  'server/src',
  'web',
  'standin',
  'scripts/build.ts',
  'scripts/database.ts',
  'scripts/keys.ts',
  'package-lock.json',
  'vite.config.ts',
  'standin/vite.config.ts',
]

function* filesIn(path: string): Generator<string> {
  if (!statSync(path).isDirectory()) return yield path
  for (const name of readdirSync(path).sort()) yield* filesIn(`${path}/${name}`)
}

function fingerprint(): string {
  const hash = createHash('sha256')
  for (const file of SOURCES.flatMap((source) => [...filesIn(source)]))
    hash.update(`${file}\n`).update(readFileSync(file))
  return hash.digest('hex')
}

/** Builds pages and servers into dist/, unless what is there was made from the very same sources. */
export async function build(): Promise<void> {
  const wanted = fingerprint()
  if (existsSync(STAMP) && readFileSync(STAMP, 'utf8') === wanted) return
  console.log('Building the pages and the servers')
  await bundlePrograms()
  await buildPages({ logLevel: 'warn' })
  compress('dist/web')
  await buildPages({ configFile: 'standin/vite.config.ts', logLevel: 'warn' })
  writeFileSync(STAMP, wanted)
}

const COMMON: BuildOptions = {
  outdir: 'dist',
  bundle: true,
  platform: 'node',
  target: 'node20',
  format: 'esm',
  sourcemap: true,
}

/** Libraries of older make look for `require`, which a module has not by itself. */
const REQUIRE =
  "import { createRequire as makeRequire } from 'node:module'; const require = makeRequire(import.meta.url);"

/** What the programs of a server cannot hold within themselves: native code. The rest of this list is asked for by libraries in ways we never use. */
export const LEFT_OUTSIDE = ['sharp']
const NEVER_USED = ['pg-native', 'typescript']

/** The programs that an installation runs are whole: nothing beside them is needed but what is left outside. The stand-in never leaves a checkout. */
async function bundlePrograms(): Promise<void> {
  const { dependencies } = JSON.parse(readFileSync('package.json', 'utf8')) as { dependencies: Record<string, string> }
  await bundle({
    ...COMMON,
    entryPoints: { server: 'server/src/main.ts', database: 'scripts/database.ts', keys: 'scripts/keys.ts' },
    external: [...LEFT_OUTSIDE, ...NEVER_USED],
    banner: { js: REQUIRE },
  })
  await bundle({
    ...COMMON,
    entryPoints: { standin: 'standin/src/main.ts' },
    external: Object.keys(dependencies).flatMap((name) => [name, `${name}/*`]),
  })
}

/** Compressed once here, as small as it gets, instead of at every request. */
function compress(folder: string): void {
  for (const file of filesIn(folder)) {
    if (!/\.(html|js|css|svg|json)$/.test(file)) continue
    const content = readFileSync(file)
    writeFileSync(`${file}.gz`, gzipSync(content, { level: 9 }))
    writeFileSync(`${file}.br`, brotliCompressSync(content))
  }
}

if (process.argv[1]?.endsWith('build.ts')) await build()
