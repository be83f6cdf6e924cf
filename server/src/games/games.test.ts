import fc from 'fast-check'
import { expect, test } from 'vitest'
import type { Intent } from '#core/engine'
import { commitmentOf } from '#core/fairness'
import { agrees, type Game, recompute, type SettingsOf, settingsOf, type ToldRound } from '#core/games'
import { TestChannel } from '../../../testing/core/channel.ts'
import { bothWays } from '../../../testing/server/bothWays.ts'
import { PLAN, sumOfAll, testDatabase } from '../../../testing/server/database.ts'
import { testServer } from '../../../testing/server/server.ts'
import { keyring } from '../keys/index.ts'

const NONE = { everyoneSeconds: 0, eachSeconds: 0, perViewer: 0, perShow: 0 }
const CUP = {
  name: 'Lamp cup',
  places: 4,
  kept: { places: 0, who: { everyone: true, streamer: false, standings: [], rank: null, people: [] }, before: false },
  stake: 10,
  prize: 100,
  second: 30,
  bestOf: 3 as const,
  signUpSeconds: 60,
  matchSeconds: 30,
}

/** The intents that switch every game on, so that all can be played at any time. */
function gamesOn(memory: TestChannel): Intent[] {
  const on = <G extends Game>(game: G, more: Partial<SettingsOf[G]> = {}): Intent => ({
    kind: 'game.change',
    game,
    settings: { ...settingsOf(memory.world, game), on: true, limits: NONE, ...more },
  })
  const seed = { kind: 'fairness.seed', seed: '5a'.repeat(32), first: true } as const
  return [seed, on('heist', { leastCrew: 1 }), on('duel'), on('roulette'), on('reels'), on('coin'), on('cup')]
}

const NAMES = ['pia', 'jo', 'sol', 'newt']
const LINES = [
  ...['!heist 20', '!heist 10 1', '!out', '!duel jo 10', '!duel pia 10', '!duel 10', '!take', '!take pia', '!pass'],
  ...[
    '!withdraw',
    '!spin 10 red, 10 17',
    '!spin 10 second dozen',
    '!reels 10',
    '!coin 10 tails',
    '!cup',
    '!sitout 1h',
    '!sitout',
    '!heist',
    '!duel nobody_here 5',
    '!coin x y',
    '!spin',
    '!take sol',
    'hi',
  ],
]
const step = fc.oneof(
  { weight: 6, arbitrary: fc.record({ who: fc.constantFrom(...NAMES), text: fc.constantFrom(...LINES) }) },
  { weight: 2, arbitrary: fc.record({ wait: fc.constantFrom(1, 5, 12, 60, 90) }) },
  { weight: 1, arbitrary: fc.record({ page: fc.constantFrom(...NAMES), bets: fc.constantFrom('10 red', '20 0') }) },
  { weight: 1, arbitrary: fc.constant({ cup: true as const }) },
)

test('rounds come to the same through the writer, in batches of chance size, as in memory', async () => {
  const { pool } = await testDatabase()
  let run = 0
  const property = fc.asyncProperty(fc.array(step, { minLength: 5, maxLength: 50 }), fc.nat(6), async (steps, size) => {
    const { memory, hand, same } = await bothWays(pool, `games-${++run}`, PLAN, run % 2 === 0)
    for (const intent of gamesOn(memory)) hand(intent)
    hand({ kind: 'show.start', title: 'Test' })
    for (const name of NAMES) hand({ kind: 'presence.arrived', who: { account: name, name } })
    const viewers = NAMES.map((name) => memory.viewer(name).id)
    hand({ kind: 'people.adjust', viewers, of: 'balance', how: 'give', amount: 200, why: '', by: 'w' })
    for (const one of steps) {
      if ('wait' in one) memory.now += one.wait
      else if ('page' in one)
        hand({ kind: 'game.play', who: { account: one.page, name: one.page }, act: { do: 'roulette', bets: one.bets } })
      else if ('cup' in one) hand({ kind: 'cup.open', rules: CUP })
      else hand({ kind: 'chat.line', who: { account: one.who, name: one.who }, text: one.text, privately: false })
      for (const intent of memory.dueTimers()) hand(intent)
    }
    await same(size)
  })
  await fc.assert(property, { numRuns: 15 })
  expect(await sumOfAll(pool)).toBe(0)
})

/** A channel on air with games, over HTTP. */
async function openGames() {
  const server = await testServer()
  const { signedIn, submit, richViewer, call } = server
  const memory = new TestChannel()
  for (const [i, intent] of gamesOn(memory).entries()) await submit(`on/${i}`, intent)
  await submit('start', { kind: 'show.start', title: 'Test' })
  for (const name of ['pia', 'jo']) await richViewer(name, 1000)
  const desk = await signedIn('desk', 'wanda')
  const pia = await signedIn('viewer', 'pia')
  const atDesk = (method: string, path: string, body?: unknown) => call(desk, method, path, body)
  const asPia = (method: string, path: string, body?: unknown) => call(pia, method, path, body)
  return { ...server, memory, atDesk, asPia }
}

test('a round on the page keeps its seed until it has ended, and then comes out as it was told', async () => {
  const { atDesk, asPia, web, pool } = await openGames()
  const played = await asPia('POST', '/games/play', { do: 'roulette', bets: '50 red' })
  const open = await asPia('GET', `/rounds/${played.round}`)
  expect(open).toMatchObject({ status: 'gathering', seed: null, staked: 50 })
  const views = JSON.stringify([await asPia('GET', '/games'), await atDesk('GET', '/desk/games')])
  const seed = keyring().unseal((await pool.query('select seed from round')).rows[0].seed, 'round.seed')
  expect(views).not.toContain(seed)
  expect((await pool.query('select facts from fact_batch')).rows.some(({ facts }) => facts.includes(seed))).toBe(false)
  await pool.query('update graphile_worker._private_jobs set run_at = now()')
  const coin = await asPia('POST', '/games/play', { do: 'coin', stake: '50', side: 'heads' })
  const file = await fetch(`${web}/api/channels/bench/rounds/${coin.round}/file`)
  expect(file.headers.get('content-disposition')).toContain('attachment')
  const told = (await file.json()) as ToldRound
  expect(commitmentOf(told.seed)).toBe(told.commitment)
  expect(recompute(told).map(agrees)).toEqual([true, true])
  const own = await asPia('GET', '/me/games')
  expect(own).toMatchObject({ rounds: 2, staked: 100, seats: [{ game: 'coin' }, { game: 'roulette', state: 'in' }] })
})

test('the desk sets games, is warned of what pays too much, and calls a round off', async () => {
  const { atDesk, asPia, memory } = await openGames()
  const coin = { ...settingsOf(memory.world, 'coin'), on: true }
  const generous = { settings: { ...coin, multiplier: 210 } }
  expect(await atDesk('PUT', '/desk/games/coin', generous)).toMatchObject({
    code: 'returns_too_much',
    detail: expect.stringContaining('105.0 %'),
  })
  expect(await atDesk('PUT', '/desk/games/coin', { ...generous, confirmed: true })).toMatchObject({ game: 'coin' })
  const clash = { settings: { ...coin, word: { word: 'heist', aliases: [] } } }
  expect((await atDesk('PUT', '/desk/games/coin', clash)).code).toBe('words_overlap')
  expect(await atDesk('PUT', '/desk/game-texts', { text: 'coin.won', own: ['{{ player.name }}'] })).toMatchObject({
    code: 'game_invalid',
    detail: expect.stringContaining('Did you mean'),
  })
  await atDesk('PUT', '/desk/game-texts', { text: 'coin.won', own: ['Yes!'] })
  const heist = await asPia('POST', '/games/play', { do: 'heist', stake: '100', leaveAfter: null })
  expect((await asPia('GET', '/me')).balance).toBe(900)
  expect(await atDesk('POST', `/desk/rounds/${heist.round}/call-off`)).toEqual({ round: heist.round })
  expect((await asPia('GET', '/me')).balance).toBe(1000)
  expect(await asPia('GET', `/rounds/${heist.round}`)).toMatchObject({ status: 'off', why: 'Called off by wanda.' })
})

test('a round goes on by its timer, and a second account that is merged is paid with the first', async () => {
  const { submit, pool, channel } = await openGames()
  const at = Math.floor(Date.now() / 1000)
  await submit('h', {
    kind: 'game.play',
    who: { account: 'pia', name: 'pia' },
    act: { do: 'heist', stake: '100', leaveAfter: null },
  })
  await submit('l', { kind: 'presence.left', account: 'pia', until: at })
  const ids = (await pool.query("select id from viewer where account in ('pia', 'jo') order by account")).rows
  await submit('m', { kind: 'people.merge', from: ids[1].id, into: ids[0].id, by: 'w' } as never)
  const { rows } = await pool.query('select id from round')
  await submit('off', { kind: 'game.callOff', round: rows[0].id, by: 'w' })
  const balance = async (id: number) =>
    (await pool.query('select balance from account where channel = $1 and id = $2', [channel, id])).rows[0].balance
  expect([await balance(ids[0].id), await balance(ids[1].id), await balance(rows[0].id)]).toEqual([2000, 0, 0])
})
