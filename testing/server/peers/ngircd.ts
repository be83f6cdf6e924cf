import { freePort } from '../ports.ts'
import { folderWith, reachable, started } from './started.ts'

/** Debian's ngircd: a chat server without tags and without accounts. @returns Its port. */
export async function ngircd(nickLength = 30): Promise<number> {
  const port = await freePort()
  const config = () =>
    [
      '[Global]',
      'Name = irc.test',
      'Info = test',
      'Listen = 127.0.0.1',
      `Ports = ${port}`,
      '[Limits]',
      'MaxConnectionsIP = 0',
      'PingTimeout = 20',
      `MaxNickLength = ${nickLength}`,
      '[Options]',
      'Ident = no',
      'PAM = no',
      'DNS = no',
      '',
    ].join('\n')
  const folder = folderWith('ngircd', { 'ngircd.conf': config })
  started('/usr/sbin/ngircd', ['-n', '-f', `${folder}/ngircd.conf`])
  await reachable(port)
  return port
}
