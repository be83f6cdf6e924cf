import { cpSync, existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { build, LEFT_OUTSIDE } from './build.ts'

const RELEASE = 'release'
/** What an installation is made of, at the same places as in a checkout. */
const PARTS = [
  ...['server', 'database', 'keys'].flatMap((name) => [`dist/${name}.js`, `dist/${name}.js.map`]),
  'dist/web',
  'server/migrations',
  'server/systemd',
  'server/nginx',
]

interface Package {
  readonly version: string
  readonly dependencies?: Readonly<Record<string, string>>
  readonly optionalDependencies?: Readonly<Record<string, string>>
}

const read = (folder: string) => JSON.parse(readFileSync(`${folder}/package.json`, 'utf8')) as Package

/** A package and all that it needs, as far as it is installed: of its native parts only those for this kind of machine are. */
function withAllItNeeds(name: string, found = new Set<string>()): Set<string> {
  const folder = `node_modules/${name}`
  if (found.has(name) || !existsSync(folder)) return found
  found.add(name)
  const { dependencies, optionalDependencies } = read(folder)
  for (const one of Object.keys({ ...dependencies, ...optionalDependencies })) withAllItNeeds(one, found)
  return found
}

/** Builds, and puts all that an installation needs into `release/`, and nothing else: that folder is what is copied. */
export async function release(): Promise<string> {
  await build()
  rmSync(RELEASE, { recursive: true, force: true })
  mkdirSync(RELEASE)
  const packages = LEFT_OUTSIDE.flatMap((name) => [...withAllItNeeds(name)]).map((name) => `node_modules/${name}`)
  for (const path of [...PARTS, ...packages]) cpSync(path, `${RELEASE}/${path}`, { recursive: true, dereference: true })
  const { version } = read('.')
  writeFileSync(
    `${RELEASE}/package.json`,
    JSON.stringify({ name: 'ricompensa', version, type: 'module', private: true }),
  )
  return RELEASE
}

if (process.argv[1]?.endsWith('release.ts')) console.log(`All that an installation needs is in ${await release()}/.`)
