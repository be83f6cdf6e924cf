import { expect, test } from 'vitest'
import type { Intent } from '#core/engine'
import { derivedSeed } from '#core/fairness'
import { settingsOf } from '#core/games'
import { World } from '#core/world'
import { LAMP } from '../../../testing/core/channel.ts'
import { testServer } from '../../../testing/server/server.ts'
import { keyring } from '../keys/index.ts'
import { newSeed } from './seed.ts'

const NAMES = ['pia', 'jo', 'sol', 'newt']

/** A channel on air where a heist gathers and a raffle with a long suspense is open. */
async function evening() {
  const parts = await testServer()
  const { submit, richViewer, signedIn, call, pool } = parts
  let count = 0
  const send = async <I extends Intent>(intent: I) => {
    const result = await submit(`evening/${++count}`, intent)
    if (!result.ok) throw new Error(result.refusal.sentence)
    return result.value
  }
  await send({ kind: 'fairness.seed', seed: newSeed(), first: true })
  await send({ kind: 'show.start', title: 'Test' })
  for (const name of NAMES) await richViewer(name, 500)
  const settings = { ...LAMP, suspenseSeconds: 30, thisShow: false }
  const started = await send({ kind: 'raffle.start', settings, opens: { of: 'now' }, setup: null, by: 'wanda' })
  const raffle = started.raffle
  const say = (name: string, text: string) =>
    send({ kind: 'chat.line', who: { account: name, name }, text, privately: false })
  const [desk, viewer] = [await signedIn('desk', 'wanda'), await signedIn('viewer', 'pia')]
  /** All that the routes answer and the feeds tell, to the streamer, a viewer and a stranger. */
  const everythingTold = async (): Promise<string> => {
    const rounds = (await pool.query('select id from round')).rows.map(({ id }) => `/rounds/${id}`)
    const paths = [...PUBLIC(raffle), ...rounds]
    const answers = [
      ...paths.map((path) => call('', 'GET', path)),
      ...paths.map((path) => call(viewer, 'GET', path)),
      ...DESK(raffle).map((path) => call(desk, 'GET', path)),
    ]
    const facts = await pool.query('select facts from fact_batch')
    return JSON.stringify([await Promise.all(answers), facts.rows])
  }
  return { ...parts, send, say, raffle, desk, viewer, everythingTold }
}

const PUBLIC = (raffle: number) => [
  '/seeds',
  '/raffles',
  '/games',
  `/raffles/${raffle}`,
  `/raffles/${raffle}/check`,
  `/raffles/${raffle}/file`,
]
/** The heist as it is before anything is set, switched on. */
const HEIST = { ...settingsOf(new World(), 'heist'), on: true, onAir: false }
const DESK = (raffle: number) => ['/desk/raffles', `/desk/raffles/${raffle}`, `/desk/raffles/${raffle}/entries`]

test('the seed that a show publishes says nothing of a raffle and a heist that go on', async () => {
  const { send, say, pool, everythingTold } = await evening()
  await send({ kind: 'game.change', game: 'heist', settings: HEIST, confirmed: true })
  for (const name of NAMES) await say(name, '!in')
  await say('pia', '!heist 50')
  await send({ kind: 'show.end' })
  await send({ kind: 'fairness.seed', seed: newSeed() })
  const told = await everythingTold()
  const kept = await pool.query(`select id, seed, 'raffle.seed' as about from raffle where ended_at is null
    union select id, seed, 'round.seed' from round where ended_at is null`)
  const open = (kept.rows as { id: number; seed: string; about: string }[]).map(({ id, seed, about }) => ({
    id,
    seed: keyring().unseal(seed, about),
  }))
  expect(open).toHaveLength(2)
  const known = [...new Set(told.match(/[0-9a-f]{64}/g) ?? [])]
  expect(known.length).toBeGreaterThan(2)
  for (const { id, seed } of open) {
    expect(told).not.toContain(seed)
    for (const from of known) expect(derivedSeed(from, id)).not.toBe(seed)
  }
})

test('nobody is told a winner before the moment of the reveal: not by a route, a file, or a fact of any audience', async () => {
  const { send, say, raffle, desk, viewer, call, pool, submit, signedIn } = await evening()
  const winsOf = async (name: string) => {
    const file = await call(await signedIn('viewer', name), 'GET', '/me/everything.json')
    return (file as unknown as { raffleWins: unknown[] }).raffleWins
  }
  for (const name of NAMES) await say(name, '!in')
  const from = Number((await pool.query('select max(last) as last from fact_batch')).rows[0].last)
  await send({ kind: 'raffle.act', raffle, does: 'draw', by: 'wanda' })
  const [row] = (await pool.query('select name, viewer from raffle_winner')).rows as { name: string; viewer: number }[]
  const { drawing } = (await pool.query('select drawing from raffle')).rows[0] as { drawing: { until: number } }
  const views = [
    (await call('', 'GET', `/raffles/${raffle}`)) as unknown,
    (await call(viewer, 'GET', `/raffles/${raffle}`)) as unknown,
    (await call(desk, 'GET', `/desk/raffles/${raffle}`)) as unknown,
    (await call('', 'GET', `/raffles/${raffle}/check`)) as unknown,
  ] as { winners: unknown[]; own?: { won: unknown } | null }[]
  for (const view of views) expect(view.winners).toEqual([])
  for (const name of NAMES) {
    const cookie = await signedIn('viewer', name)
    const { own } = (await call(cookie, 'GET', `/raffles/${raffle}`)) as unknown as { own: { won: unknown } }
    expect(own.won).toBeNull()
    expect(await winsOf(name)).toEqual([])
  }
  const facts = (await pool.query('select facts from fact_batch where last > $1', [from])).rows
    .flatMap(({ facts }) => JSON.parse(facts as string) as { kind: string; body: Record<string, unknown> }[])
    .filter(({ kind }) => kind.startsWith('raffle.') || kind === 'chat.replied')
  expect(facts.map(({ kind }) => kind)).toContain('raffle.drawn')
  for (const { body } of facts) {
    expect(body).not.toHaveProperty('picks')
    expect(String(body.text ?? '')).not.toContain(row?.name)
  }
  await submit('announce', { kind: 'raffle.tick', raffle, what: 'announce', due: drawing.until })
  const after = (await call('', 'GET', `/raffles/${raffle}`)) as unknown as { winners: { name: string }[] }
  expect(after.winners).toMatchObject([{ name: row?.name }])
  expect(await winsOf(row?.name ?? '')).toMatchObject([{ raffle, draw: 1 }])
})
