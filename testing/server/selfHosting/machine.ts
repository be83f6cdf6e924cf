import { type ChildProcess, spawn, spawnSync } from 'node:child_process'
import { chmodSync, existsSync, mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { onTestFinished } from 'vitest'
import { unpackedProgram } from '../../../machine/prepare.mjs'

/** What a machine has that a test must not touch: each does no more than the document needs of it. */
const STAND_INS: Readonly<Record<string, string>> = {
  sudo: 'if [ "$1" = -u ]; then shift 2; fi; exec "$@"',
  'apt-get': 'exit 0',
  useradd: 'exit 0',
  chown: 'exit 0',
  nginx: 'exit 0',
  systemctl: 'echo "$@" >> "$MACHINE/systemctl"',
  journalctl: 'cat "$MACHINE/log"',
}

export interface Ports {
  readonly web: number
  readonly plain: number
  readonly server: number
}

/** A made-up machine: folders that stand for its own, commands typed into one shell, and what its services run. */
export class Machine {
  readonly folder = mkdtempSync(`${tmpdir()}/machine-`)
  #service: ChildProcess | undefined
  #proxy: ChildProcess | undefined

  constructor(
    readonly ports: Ports,
    readonly variables: Readonly<Record<string, string>>,
  ) {
    for (const path of ['bin', 'opt', 'etc/systemd/system', 'etc/nginx/conf.d', 'kept'])
      mkdirSync(`${this.folder}/${path}`, { recursive: true })
    for (const [name, does] of Object.entries(STAND_INS)) {
      writeFileSync(`${this.folder}/bin/${name}`, `#!/bin/sh\n${does}\n`)
      chmodSync(`${this.folder}/bin/${name}`, 0o755)
    }
    writeFileSync(`${this.folder}/variables`, '')
    onTestFinished(async () => {
      await this.stop()
      rmSync(this.folder, { recursive: true, force: true })
    })
  }

  path(name: string): string {
    return `${this.folder}/${name}`
  }

  /** Types commands as they stand; what is asked of a service is done before what comes after it. @returns What they printed. @throws with what a failed one said. */
  async type(commands: string): Promise<string> {
    const printed: string[] = []
    for (const part of commands.split(/(?<=systemctl .*\n)/)) printed.push(await this.#typePart(part))
    return printed.join('')
  }

  async #typePart(commands: string): Promise<string> {
    const kept = this.path('variables')
    // One shell for all: what was set once is there for what comes later.
    const script = `set -eu\nset -a\n. ${kept}\n${commands}\nset +e\nexport -p | grep -v "PWD=\\|SHLVL" > ${kept}`
    const env = {
      ...this.variables,
      PATH: `${this.path('bin')}:${process.env.PATH}`,
      HOME: this.folder,
      MACHINE: this.folder,
      APP: this.path('opt/ricompensa'),
      ETC: this.path('etc'),
      KEPT: this.path('kept'),
    }
    const done = spawnSync('bash', ['-c', script], { env, encoding: 'utf8', cwd: this.folder })
    if (done.status !== 0) throw new Error(`"${commands}" did not work:\n${done.stderr}`)
    await this.#obey()
    return done.stdout
  }

  async #obey(): Promise<void> {
    const asked = this.path('systemctl')
    const lines = spawnSync('cat', [asked], { encoding: 'utf8' }).stdout.split('\n')
    rmSync(asked, { force: true })
    for (const line of lines) {
      if (/^(enable --now|start) ricompensa$/.test(line)) this.#start()
      else if (line === 'stop ricompensa') await ended(this.#service)
      else if (line === 'reload nginx') this.#startProxy()
    }
  }

  /** A file that was put on the machine, with this machine's own folders and ports in it. */
  #own(file: string): string {
    return readFileSync(this.path(file), 'utf8')
      .replaceAll('/opt/ricompensa', this.path('opt/ricompensa'))
      .replaceAll('/var/lib/ricompensa', this.path('kept'))
      .replaceAll('/etc/ricompensa/', this.path('etc/ricompensa/'))
  }

  /** What cannot be as the document has it where others use the same ports. */
  #instead(): string[] {
    return [`PORT=${this.ports.server}`, `PUBLIC_URL=https://localhost:${this.ports.web}`]
  }

  /** Starts what the unit says, with what the unit says, where it says so. */
  #start(): void {
    const unit = this.#own('etc/systemd/system/ricompensa.service')
    const all = (name: string) => [...unit.matchAll(new RegExp(`^${name}=(.*)$`, 'gm'))].map(([, value = '']) => value)
    const settings = [...all('Environment'), ...all('EnvironmentFile').flatMap(linesOf), ...this.#instead()]
    const env = Object.fromEntries(
      settings.map((line) => [line.slice(0, line.indexOf('=')), line.slice(line.indexOf('=') + 1)]),
    )
    const [, ...args] = (all('ExecStart')[0] ?? '').split(' ')
    const log = `>> ${this.path('log')} 2>&1`
    this.#service = spawn('sh', ['-c', `exec ${process.execPath} ${args.join(' ')} ${log}`], {
      cwd: all('WorkingDirectory')[0],
      env,
      stdio: 'ignore',
    })
  }

  /** Debian's nginx with the file that the document put there, and around it what Debian's own has. */
  #startProxy(): void {
    const { web, plain, server } = this.ports
    const site = this.#own('etc/nginx/conf.d/ricompensa.conf')
      .replace('listen 443', `listen 127.0.0.1:${web}`)
      .replace('listen 80', `listen 127.0.0.1:${plain}`)
      .replace('127.0.0.1:4000', `127.0.0.1:${server}`)
    const http = ['client_body', 'proxy', 'fastcgi', 'uwsgi', 'scgi'].map(
      (what) => `${what}_temp_path ${this.path(what)};`,
    )
    const around = [
      'user root;',
      `pid ${this.path('nginx.pid')};`,
      'daemon off;',
      'events {}',
      'http {',
      'access_log off;',
    ]
    writeFileSync(this.path('nginx.conf'), [...around, ...http, site, '}'].join('\n'))
    const args = ['-e', this.path('nginx.log'), '-c', this.path('nginx.conf')]
    const checked = spawnSync(unpackedProgram('nginx'), [...args, '-t'], { encoding: 'utf8' })
    if (checked.status !== 0) throw new Error(`nginx does not take the file:\n${checked.stderr}`)
    this.#proxy = spawn(unpackedProgram('nginx'), args, { stdio: 'ignore' })
  }

  /** What the service printed last. */
  said(): string {
    return existsSync(this.path('log')) ? readFileSync(this.path('log'), 'utf8').slice(-2000) : ''
  }

  async stop(): Promise<void> {
    await ended(this.#proxy)
    await ended(this.#service)
  }
}

const linesOf = (file: string): string[] => readFileSync(file, 'utf8').split('\n').filter(Boolean)

async function ended(child: ChildProcess | undefined): Promise<void> {
  if (child === undefined || child.exitCode !== null || child.signalCode !== null) return
  const gone = new Promise((done) => child.once('exit', done))
  child.kill('SIGTERM')
  await gone
}
