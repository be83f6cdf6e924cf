// Plain Node, no packages: this is what runs first on a machine that has nothing yet.
import { spawnSync } from 'node:child_process'
import { createHash } from 'node:crypto'
import { existsSync, mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs'

const STAMP = 'node_modules/.installed-from'

function run(command, args, environment = {}) {
  const done = spawnSync(command, args, {
    stdio: ['ignore', 'inherit', 'inherit'],
    env: { ...process.env, ...environment },
  })
  if (done.status !== 0) {
    console.error(`"${command} ${args.join(' ')}" did not work. What it printed above says why.`)
    process.exit(1)
  }
}

/** The folder of Debian's PostgreSQL programs, or undefined if the server is not installed. */
export function postgresPrograms() {
  const root = '/usr/lib/postgresql'
  if (!existsSync(root)) return undefined
  const versions = readdirSync(root).filter((version) => existsSync(`${root}/${version}/bin/initdb`))
  const newest = versions.sort((a, b) => Number(b) - Number(a))[0]
  return newest && `${root}/${newest}/bin`
}

/** What the tests talk to that we did not write: chat servers, services for accounts, a maker of certificates. */
const PEERS = [
  ['/usr/sbin/ngircd', 'ngircd'],
  ['/usr/sbin/inspircd', 'inspircd'],
  ['/usr/bin/atheme-services', 'atheme-services'],
  ['/usr/bin/openssl', 'openssl'],
  ['/usr/bin/csvclean', 'csvkit'],
  // What ircd-hybrid, below, is linked with.
  ['/usr/share/doc/libltdl7', 'libltdl7'],
]

/** Of these the program alone is taken: installed, they would begin to serve on this machine, or put another one out of it. */
const UNPACKED = [
  ['usr/bin/promtool', 'prometheus'],
  ['usr/sbin/nginx', 'nginx'],
  ['usr/sbin/nats-server', 'nats-server'],
  ['usr/sbin/ircd-hybrid', 'ircd-hybrid'],
  ['usr/sbin/anope', 'anope'],
]
/** The one place where ircd-hybrid looks for its parts. */
const HYBRID_PARTS = '/usr/lib/ircd-hybrid'
/** Where a program that runs as nobody finds it, too; nobody else may have put anything there. */
const UNPACKED_IN = `/var/tmp/ricompensa-unpacked-${process.getuid?.() ?? 0}`

/** Where a program of a package lies that is unpacked and not installed: "nginx". */
export function unpackedProgram(name) {
  const [program] = UNPACKED.find(([path]) => path.endsWith(`/${name}`)) ?? []
  return `${UNPACKED_IN}/${program}`
}

const asRoot = (program, ...args) => (process.getuid?.() === 0 ? [program, args] : ['sudo', [program, ...args]])

const apt = (...args) => run(...asRoot('apt-get', ...args), { DEBIAN_FRONTEND: 'noninteractive' })

function unpack(name) {
  // By a folder of its own, so that a program is there whole or not at all.
  const folder = mkdtempSync(`${UNPACKED_IN}/${name}-`)
  run('sh', ['-c', `cd ${folder} && apt-get download -qq ${name} && dpkg -x ${name}_*.deb ${UNPACKED_IN}`])
  rmSync(folder, { recursive: true })
}

function refuseForeignPrograms() {
  mkdirSync(UNPACKED_IN, { recursive: true, mode: 0o755 })
  if (statSync(UNPACKED_IN).uid === process.getuid?.()) return
  console.error(`${UNPACKED_IN} is somebody else’s. Take it away: programs in it would be run.`)
  process.exit(1)
}

function installDebianPackages(forTests) {
  if (forTests) refuseForeignPrograms()
  const missing = []
  if (postgresPrograms() === undefined) missing.push('postgresql')
  if (forTests && !existsSync('/usr/bin/chromium')) missing.push('chromium')
  const peers = (forTests ? PEERS : []).filter(([program]) => !existsSync(program)).map(([, name]) => name)
  const unpacked = (forTests ? UNPACKED : []).filter(([program]) => !existsSync(`${UNPACKED_IN}/${program}`))
  if (missing.length + peers.length + unpacked.length === 0 && (!forTests || existsSync(HYBRID_PARTS))) return
  console.log(`Installing Debian packages: ${[...missing, ...peers, ...unpacked.map(([, name]) => name)].join(', ')}`)
  apt('update', '-qq')
  if (missing.length > 0) apt('install', '-y', '-qq', ...missing)
  if (peers.length > 0) apt('install', '-y', '-qq', '--no-install-recommends', ...peers)
  for (const [, name] of unpacked) unpack(name)
  if (forTests && !existsSync(HYBRID_PARTS)) run(...asRoot('ln', '-sfn', `${UNPACKED_IN}${HYBRID_PARTS}`, HYBRID_PARTS))
}

function installNodePackages() {
  const wanted = createHash('sha256').update(readFileSync('package-lock.json')).digest('hex')
  if (existsSync(STAMP) && readFileSync(STAMP, 'utf8') === wanted) return
  console.log('Installing Node packages (npm ci)')
  run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'])
  mkdirSync('node_modules', { recursive: true })
  writeFileSync(STAMP, wanted)
}

/** Makes sure everything the two commands need is on this machine. */
export function prepare({ forTests }) {
  const major = Number(process.versions.node.split('.')[0])
  if (major < 20) {
    console.error(`Ricompensa needs Node 20 or newer; this is ${process.version}.`)
    process.exit(1)
  }
  installDebianPackages(forTests)
  installNodePackages()
}

/** Runs a TypeScript program of ours in the foreground; signals go to it, and its end is ours. */
export async function runTypeScript(file, args) {
  const { spawn } = await import('node:child_process')
  const child = spawn(process.execPath, ['--import', 'tsx', file, ...args], { stdio: 'inherit' })
  // Ctrl-C reaches the child by itself; it ends in its own time and we follow.
  for (const signal of ['SIGINT', 'SIGHUP', 'SIGTERM'])
    process.on(signal, () => signal === 'SIGTERM' && child.kill(signal))
  child.on('exit', (code, signal) => process.exit(code ?? (signal ? 1 : 0)))
}
