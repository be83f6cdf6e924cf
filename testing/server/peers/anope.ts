import { unpackedProgram } from '../../../machine/prepare.mjs'
import type { Services } from './inspircd.ts'
import { servicesThere } from './inspircd.ts'
import { folderWith, started } from './started.ts'

/** It looks for a folder named modules in it. */
const PARTS = unpackedProgram('anope').replace('/sbin/anope', '/lib/anope')

const MODULES = [
  ...['enc_sha256', 'db_flatfile', 'ns_identify', 'ns_register', 'ns_logout', 'ns_recover', 'm_sasl'],
  'inspircd3',
]

/** What people say to the one for nicks, and what does it. */
const WORDS = { IDENTIFY: 'identify', REGISTER: 'register', LOGOUT: 'logout', RECOVER: 'recover', GHOST: 'recover' }

const block = (name: string, values: Readonly<Record<string, string | number | true>>): string => {
  const lines = Object.entries(values).map(
    ([key, value]) => `${key} = ${value === true ? 'yes' : JSON.stringify(value)};`,
  )
  return `${name} { ${lines.join(' ')} }`
}

const configOf = (servicesPort: number, servicesPassword: string) => (folder: string) =>
  [
    block('uplink', { host: '127.0.0.1', port: servicesPort, password: servicesPassword }),
    block('serverinfo', {
      name: 'services.test',
      description: 'services',
      id: '00A',
      pid: `${folder}/pid`,
      motd: 'motd',
    }),
    block('networkinfo', {
      ...{ networkname: 'Test', nicklen: 31, userlen: 10, hostlen: 64, chanlen: 32, modelistsize: 100 },
      ...{ vhost_chars: 'abc', allow_undotted_vhosts: true, disallow_start_or_end: '.-' },
    }),
    block('options', {
      ...{
        casemap: 'rfc1459',
        seed: 7,
        badpasslimit: 9,
        badpasstimeout: '1h',
        updatetimeout: '5m',
        expiretimeout: '30m',
      },
      ...{ readtimeout: '5s', warningtimeout: '4h', timeoutcheck: '3s', retrywait: '1s', releasetimeout: '1m' },
    }),
    block('service', { nick: 'NickServ', user: 'services', host: 'services.test', gecos: 'nicks' }),
    ...MODULES.map((name) => block('module', { name })),
    block('module', {
      name: 'nickserv',
      client: 'NickServ',
      expire: '90d',
      regdelay: '0s',
      confirmemailchanges: 'no',
    }),
    ...Object.entries(WORDS).map(([name, does]) =>
      block('command', { service: 'NickServ', name, command: `nickserv/${does}` }),
    ),
    '',
  ].join('\n')

/** Debian's Anope beside InspIRCd: accounts, and services for nicks, as another house makes them. */
export async function anope({ port, servicesPort, servicesPassword }: Services): Promise<void> {
  const folder = folderWith('anope', { 'anope.conf': configOf(servicesPort, servicesPassword) })
  const places = ['confdir', 'dbdir', 'logdir', 'localedir'].map((name) => `--${name}=${folder}`)
  started(unpackedProgram('anope'), [
    '--nofork',
    '--nothird',
    '--config=anope.conf',
    `--modulesdir=${PARTS}`,
    ...places,
  ])
  await servicesThere(port)
}
