import { Writable } from 'node:stream'
import { expect, test } from 'vitest'
import { createLog } from './log.ts'

function logged(write: (log: ReturnType<typeof createLog>) => void): string {
  let text = ''
  const sink = new Writable({
    write(chunk, _encoding, done) {
      text += String(chunk)
      done()
    },
  })
  write(createLog('info', sink))
  return text
}

test('secrets and what people say or are called never reach the log', () => {
  const HIDE = 'must-not-be-seen'
  const text = logged((log) => {
    log.info({ cookie: HIDE, req: { headers: { cookie: HIDE, authorization: HIDE } } }, 'request')
    log.info({ intent: { kind: 'chat.line', who: { account: HIDE, name: HIDE }, text: HIDE } }, 'line')
    log.info({ config: { DATABASE_URL: HIDE, OIDC_CLIENT_SECRET: HIDE, METRICS_TOKEN: HIDE } }, 'config')
    log.info({ secret: HIDE, password: HIDE, code: HIDE }, 'more')
    log.error({ err: new Error(`cannot reach postgres://ricompensa:${HIDE}@db/x`) }, 'failed')
    const fault = Object.assign(new Error('duplicate key'), { code: '23505', detail: `Key (name)=(${HIDE}) exists` })
    log.error({ err: fault }, 'failed')
  })
  const asked = new Error(`Failed query: select $1\nparams: 1,${HIDE}`)
  expect(logged((log) => log.error({ err: asked }, 'failed'))).not.toContain(HIDE)
  const quoted = new Error(`invalid input syntax for type bigint: "${HIDE}"`)
  expect(logged((log) => log.error({ err: quoted }, 'failed'))).not.toContain(HIDE)
  expect(text).not.toContain(HIDE)
  expect(text).toContain('"errorCode":"23505"')
  expect(text).toContain('chat.line')
  expect(text).toContain('log.test.ts')
})
