import { execFileSync } from 'node:child_process'
import { expect } from 'vitest'
import { freePort } from '../ports.ts'
import { plainClient } from './plainClient.ts'
import { folderWith, reachable, soon, started } from './started.ts'

/** What it speaks of IRCv3, and what of it hides people or repeats old lines. */
const MODULES = [
  ...['ircv3', 'ircv3_accounttag', 'ircv3_batch', 'ircv3_servertime', 'ircv3_msgid', 'ircv3_capnotify', 'cap'],
  ...['ircv3_ctctags', 'sasl', 'services_account', 'spanningtree', 'namesx', 'chanhistory', 'auditorium', 'delayjoin'],
  // What Anope asks for.
  ...['hidechans', 'chghost'],
]
const SERVICES_PASSWORD = 'between-servers'

interface Wanted {
  /** Left out of what it speaks. */
  readonly without?: readonly string[]
  /** How many lines a second it takes from one client before it slows it down, in thousandths. */
  readonly commandRate?: number
  /** More modules, with what they are told. */
  readonly more?: readonly string[]
  /** The folder of `certificate.pem` and `key.pem`, for TLS. */
  readonly tls?: string
}

/** Debian's InspIRCd, with a link for services. @returns Its port, and the port for services. */
export async function inspircd({ without = [], commandRate = 1000, more = [], tls }: Wanted = {}) {
  const [port, servicesPort] = [await freePort(), await freePort()]
  const config = (folder: string) =>
    [
      '<server name="irc.test" description="test" network="Test" id="1AA">',
      '<admin name="test" nick="test" email="test@irc.test">',
      `<bind address="127.0.0.1" port="${port}" type="clients"${tls === undefined ? '' : ' sslprofile="own"'}>`,
      ...(tls === undefined ? [] : tlsProfile(tls)),
      `<bind address="127.0.0.1" port="${servicesPort}" type="servers">`,
      `<connect name="main" allow="*" timeout="60" pingfreq="120" hardsendq="1048576" softsendq="8192" recvq="65536" threshold="10"
        commandrate="${commandRate}" fakelag="yes" localmax="1000" globalmax="1000" resolvehostnames="no" limit="5000">`,
      '<options defaultmodes="not" allowzerolimit="yes">',
      `<pid file="${folder}/pid">`,
      ...MODULES.filter((one) => !without.includes(one)).map((one) => `<module name="${one}">`),
      ...more,
      '<class name="all" commands="*" privs="*"><type name="all" classes="all">',
      '<oper name="test" password="test" host="*" type="all">',
      '<chanhistory maxlines="50" prefixmsg="yes" bots="yes">',
      '<sasl target="services.test">',
      `<link name="services.test" ipaddr="127.0.0.1" port="${servicesPort}" allowmask="*" sendpass="${SERVICES_PASSWORD}" recvpass="${SERVICES_PASSWORD}">`,
      '<uline server="services.test" silent="yes">',
      '',
    ].join('\n')
  const folder = folderWith('inspircd', { 'inspircd.conf': config })
  started('/usr/sbin/inspircd', ['--runasroot', '--nofork', '--config', `${folder}/inspircd.conf`])
  await reachable(port)
  return { port, servicesPort, servicesPassword: SERVICES_PASSWORD }
}

const tlsProfile = (folder: string): string[] => [
  '<module name="ssl_gnutls">',
  `<sslprofile name="own" provider="gnutls" certfile="${folder}/certificate.pem" keyfile="${folder}/key.pem">`,
]

/** Makes a certificate that nobody knows, for localhost. @returns The folder that it and its key are in. */
export function ownCertificate(): string {
  const folder = folderWith('certificate', {})
  const files = ['-keyout', `${folder}/key.pem`, '-out', `${folder}/certificate.pem`]
  const subject = ['-subj', '/CN=localhost', '-addext', 'subjectAltName=DNS:localhost']
  execFileSync('openssl', ['req', '-x509', '-newkey', 'rsa:2048', '-nodes', '-days', '2', ...files, ...subject], {
    stdio: 'ignore',
  })
  return folder
}

const SERVICES = ['nickserv/main', 'nickserv/ghost', 'nickserv/identify', 'nickserv/logout', 'nickserv/register']

/** Where services of a network sign in. */
export type Services = Awaited<ReturnType<typeof inspircd>>

/** Debian's Atheme beside it: accounts, and services for nicks. */
export async function atheme({ port, servicesPort, servicesPassword }: Services): Promise<void> {
  const config = () =>
    [
      ...[
        'protocol/inspircd',
        'backend/opensex',
        'crypto/pbkdf2v2',
        ...SERVICES,
        'saslserv/main',
        'saslserv/plain',
      ].map((one) => `loadmodule "modules/${one}";`),
      'serverinfo { name = "services.test"; desc = "services"; numeric = "00A"; recontime = 1; netname = "Test";',
      '  adminname = "test"; adminemail = "test@irc.test"; registeremail = "test@irc.test"; mta = "/bin/true";',
      '  loglevel = { error; }; maxlogins = 9; maxusers = 0; mdlimit = 30; auth = none; casemapping = rfc1459; };',
      `uplink "irc.test" { host = "127.0.0.1"; port = ${servicesPort};`,
      `  send_password = "${servicesPassword}"; receive_password = "${servicesPassword}"; };`,
      'nickserv { spam; nick = "NickServ"; user = "NickServ"; host = "services.test"; real = "nicks"; };',
      'saslserv { nick = "SaslServ"; user = "SaslServ"; host = "services.test"; real = "sign-in"; };',
      'general { permissive_mode; silent; commit_interval = 5; };',
      '',
    ].join('\n')
  const folder = folderWith('atheme', { 'atheme.conf': config })
  const files = ['-c', `${folder}/atheme.conf`, '-D', folder, '-l', `${folder}/log`, '-p', `${folder}/pid`]
  started('/usr/bin/atheme-services', ['-n', ...files])
  await servicesThere(port)
}

/** Waits until those who ask for the service for nicks find it. */
export async function servicesThere(port: number): Promise<void> {
  await soon(async () => {
    const asker = plainClient(port, `asker${Math.floor(Math.random() * 1e6)}`)
    asker.send('WHOIS NickServ')
    await soon(() => expect(asker.heard()).toMatch(/ 318 /))
    asker.close()
    expect(asker.heard()).toMatch(/ 311 /)
  })
}

/** Opens an account at the services. The client keeps its nick, which is the account's name. */
export async function withAccount(port: number, nick: string, password: string) {
  const client = plainClient(port, nick)
  client.send(`PRIVMSG NickServ :REGISTER ${password} ${nick}@irc.test`)
  await soon(() => expect(client.heard()).toMatch(/ 900 |registered/i))
  return client
}
