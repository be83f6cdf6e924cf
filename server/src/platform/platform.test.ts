import { createServer } from 'node:http'
import { text } from 'node:stream/consumers'
import sharp from 'sharp'
import { Webhook } from 'standardwebhooks'
import { expect, onTestFinished, test } from 'vitest'
import { testDesk } from '../../../testing/server/desk.ts'
import { freePort } from '../../../testing/server/ports.ts'

interface Told {
  readonly type: string
  readonly data: Record<string, unknown>
}

type Answers = (told: Told) => { readonly status?: number; readonly body?: unknown }

/** A channel whose platform takes changes to its rewards, and what it was told. */
async function withPlatform(environment: Record<string, string> = {}) {
  const port = await freePort()
  const url = `http://127.0.0.1:${port}/rewards`
  const parts = await testDesk([], { PLATFORM_REWARDS_URL: url, ...environment })
  const { secret } = (await parts.call('POST', '/desk/connections/secrets', {
    name: 'Platform',
    kinds: ['ricompensa.rewards.listed'],
  })) as { secret: string }
  const told: Told[] = []
  let answers: Answers = ({ data }) => ({
    body: { reward: { ...data, id: data.reward ?? 'made-1', changeable: true } },
  })
  const http = createServer(async (request, response) => {
    const body = await text(request)
    new Webhook(secret).verify(body, request.headers as Record<string, string>)
    told.push(JSON.parse(body) as Told)
    const { status = 200, body: answer = {} } = answers(told.at(-1) as Told)
    response.writeHead(status, { 'content-type': 'application/json' }).end(JSON.stringify(answer))
  }).listen(port, '127.0.0.1')
  onTestFinished(() => {
    http.closeAllConnections()
    http.close()
  })
  const shown = async () => (await parts.call('GET', '/desk/platform-rewards')).rewards
  return { ...parts, told, shown, answer: (next: Answers) => (answers = next), stop: () => http.close() }
}

const WANTED = { name: 'Stamp the card', price: 100, text: 'One a show.', asks: false, paused: false, icon: null }

test('a reward is made, priced, paused and removed on the platform, and shown as the platform has it', async () => {
  const { call, told, shown } = await withPlatform()
  expect(await call('GET', '/desk/platform-rewards')).toEqual({ offered: true, rewards: [] })
  expect(await call('POST', '/desk/platform-rewards', WANTED)).toEqual({ id: 'made-1' })
  expect(told[0]).toMatchObject({ type: 'ricompensa.reward.wanted', data: { name: 'Stamp the card', price: 100 } })
  expect(await shown()).toMatchObject([{ id: 'made-1', name: 'Stamp the card', price: 100, changeable: true }])
  const changed = { ...WANTED, price: 250, paused: true }
  expect(await call('PUT', '/desk/platform-rewards/made-1', changed)).toEqual({ id: 'made-1' })
  expect(told[1]).toMatchObject({ data: { reward: 'made-1', price: 250, paused: true } })
  expect(await shown()).toMatchObject([{ price: 250, paused: true }])
  expect(await call('POST', '/desk/platform-rewards/made-1/remove')).toEqual({})
  expect(told[2]).toMatchObject({ type: 'ricompensa.reward.removed', data: { reward: 'made-1' } })
  expect(await shown()).toEqual([])
  expect(await call('PUT', '/desk/platform-rewards/made-1', changed)).toMatchObject({ code: 'not_found' })
})

test('an icon goes out as small squares, whatever its size and shape; what is no picture is refused before', async () => {
  const { call, told } = await withPlatform()
  const wide = sharp({ create: { width: 900, height: 300, channels: 3, background: '#c63' } })
  const icon = (await wide.jpeg().toBuffer()).toString('base64')
  expect(await call('POST', '/desk/platform-rewards', { ...WANTED, icon })).toEqual({ id: 'made-1' })
  const icons = told[0]?.data.icon as Record<string, string>
  for (const side of [32, 64, 128]) {
    const picture = await sharp(Buffer.from(icons[String(side)] ?? '', 'base64')).metadata()
    expect(picture).toMatchObject({ format: 'png', width: side, height: side })
  }
  for (const not of ['<svg xmlns="http://www.w3.org/2000/svg"><rect width="9" height="9"/></svg>', 'no picture'])
    expect(
      await call('POST', '/desk/platform-rewards', { ...WANTED, icon: Buffer.from(not).toString('base64') }),
    ).toMatchObject({ code: 'media_refused' })
  expect(told).toHaveLength(1)
})

test('what the platform refuses is said in its words, and nothing is changed here; so is its silence', async () => {
  const { call, shown, answer, stop } = await withPlatform()
  answer(() => ({ status: 409, body: { problem: 'Fifty rewards are the most.' } }))
  expect(await call('POST', '/desk/platform-rewards', WANTED)).toMatchObject({
    ...{ status: 409, code: 'platform_refused', detail: 'Fifty rewards are the most.' },
  })
  for (const odd of [
    { body: 'no object' },
    { body: { reward: { id: 7 } } },
    { status: 500 },
    { body: { reward: { id: 'x', name: 'y', price: -1 } } },
  ]) {
    answer(() => odd)
    expect(await call('POST', '/desk/platform-rewards', WANTED)).toMatchObject({ code: 'platform_silent' })
  }
  answer(() => ({ body: { reward: 'x'.repeat(100_000) } }))
  expect(await call('POST', '/desk/platform-rewards', WANTED)).toMatchObject({ code: 'platform_silent' })
  stop()
  expect(await call('POST', '/desk/platform-rewards', WANTED)).toMatchObject({ code: 'platform_silent' })
  expect(await shown()).toEqual([])
})

test('what was not made from here is changed there alone; where the platform offers nothing, it is listed alone', async () => {
  const { call, submit, told } = await withPlatform()
  const listed = {
    kind: 'event.received',
    id: 'l',
    happenedAt: 0,
    source: 'p',
    type: 'ricompensa.rewards.listed',
  } as const
  const own = { id: 'own', name: 'Swap', price: 500 }
  const now = Math.floor(Date.now() / 1000)
  await submit('list', { ...listed, happenedAt: now, body: { rewards: [own] } } as never)
  expect(await call('PUT', '/desk/platform-rewards/own', WANTED)).toMatchObject({ code: 'platform_refused' })
  expect(await call('POST', '/desk/platform-rewards/own/remove')).toMatchObject({ code: 'platform_refused' })
  expect(told).toEqual([])
  const without = await withPlatform({ PLATFORM_REWARDS_URL: '' })
  expect(await without.call('GET', '/desk/platform-rewards')).toEqual({ offered: false, rewards: [] })
  expect(await without.call('POST', '/desk/platform-rewards', WANTED)).toMatchObject({ code: 'platform_offers_none' })
})
