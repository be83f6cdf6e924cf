import { chmodSync } from 'node:fs'
import { unpackedProgram } from '../../../machine/prepare.mjs'
import { freePort } from '../ports.ts'
import { folderWith, reachable, started } from './started.ts'

/** It refuses to run as root. */
const AS_NOBODY = ['--reuid=nobody', '--regid=nogroup', '--clear-groups']

/** Debian's ircd-hybrid: a chat server that tells who is who by nick alone. @returns Its port. */
export async function hybrid(nickLength = 30): Promise<number> {
  const port = await freePort()
  const config = () =>
    [
      `serverinfo { name = "irc.test"; sid = "0HY"; description = "test"; network_name = "Test"; max_nick_length = ${nickLength}; };`,
      'admin { name = "test"; description = "test"; email = "<test@irc.test>"; };',
      'class { name = "all"; ping_time = 90 seconds; number_per_ip_local = 100; number_per_ip_global = 100; max_number = 500;',
      '  sendq = 1000 kbytes; recvq = 8000 bytes; };',
      `listen { host = "127.0.0.1"; port = ${port}; };`,
      'auth { user = "*@*"; class = "all"; };',
      'general { ping_cookie = no; throttle_count = 1000; disable_auth = yes; anti_nick_flood = no; };',
      '',
    ].join('\n')
  const folder = folderWith('hybrid', { 'ircd.conf': config })
  chmodSync(folder, 0o777)
  const file = (name: string, of: string) => [`-${name}`, `${folder}/${of}`]
  const files = ['pidfile', 'logfile', 'klinefile', 'dlinefile', 'xlinefile', 'resvfile'].flatMap((name) =>
    file(name, name),
  )
  const args = ['-foreground', ...file('configfile', 'ircd.conf'), ...files]
  if (process.getuid?.() === 0) started('setpriv', [...AS_NOBODY, unpackedProgram('ircd-hybrid'), ...args])
  else started(unpackedProgram('ircd-hybrid'), args)
  await reachable(port)
  return port
}
