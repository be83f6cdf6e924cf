import { expect, test } from 'vitest'
import { readConfig } from './config.ts'

const GOOD = {
  DATABASE_URL: 'postgres://a@127.0.0.1/b',
  PUBLIC_URL: 'http://127.0.0.1:4000',
  OIDC_ISSUER: 'http://127.0.0.1:4100',
  OIDC_CLIENT_ID: 'x',
  OIDC_CLIENT_SECRET: 'y',
}

test('what is not set has a default', () => {
  expect(readConfig(GOOD)).toMatchObject({ PORT: '4000', CHAT_NICK: 'Ricompensa', LOG_LEVEL: 'info' })
})

test('every fault is named, in one go', () => {
  const read = () => readConfig({ ...GOOD, DATABASE_URL: '', PORT: 'many', PUBLIC_URL: 'http://a/b' })
  expect(read).toThrow(/DATABASE_URL is not set/)
  expect(read).toThrow(/PORT must match pattern/)
  expect(read).toThrow(/PUBLIC_URL must match pattern/)
})
