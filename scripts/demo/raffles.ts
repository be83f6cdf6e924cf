import type pg from 'pg'
import { type RaffleSettings, SAME_CHANCE, SPEND_FOR_MORE } from '#core/raffles'
import { FIRST_PIECES, type Piece, PLAIN_LOOK } from '#core/screen'
import { STREAMER } from '../../standin/src/people.ts'
import type { Submit } from './submit.ts'

const LAMP: RaffleSettings = {
  ...SAME_CHANCE,
  title: 'Restored desk lamp',
  description: 'Found in an attic without a shade, mended on the stream last Thursday. It comes by post.',
  picture: 'lamp',
  prize: { of: 'text', text: 'the desk lamp that was mended tonight' },
  closeSeconds: 300,
  remind: { everyMinutes: 2, beforeMinutes: [1] },
  entrySound: 'none',
}

const CLOCK: RaffleSettings = {
  ...SPEND_FOR_MORE,
  title: 'Tram clock, half size',
  description: 'A copy of the tram clock for the wall. The first ticket is free for everybody.',
  picture: 'clock',
  prize: { of: 'text', text: 'a tram clock for the wall' },
  word: { word: 'clock', aliases: ['tramclock'] },
  price: 15,
  mostTickets: 10,
  free: { everyone: 1, standings: [{ standing: 'subscriber', tickets: 2 }] },
  weights: [{ standing: 'subscriber', weight: 150 }],
  closeSeconds: 600,
}

const POT: RaffleSettings = {
  ...SPEND_FOR_MORE,
  title: 'Half the jar',
  description: 'What the tickets bring goes into the jar; two people share half of it.',
  picture: 'sparks',
  prize: { of: 'pot', share: 50 },
  winners: 2,
  draw: 'all',
  claimSeconds: 0,
  word: { word: 'jar', aliases: [] },
  price: 10,
}

/** Whoever counts best in the head has it: the number was counted on the bench before the show. */
const SCREWS: RaffleSettings = {
  ...SAME_CHANCE,
  title: 'Screws in the jar',
  description: 'How many screws are in the jam jar on the shelf? Counted twice before the show.',
  picture: 'guide',
  prize: { of: 'currency', amount: 400 },
  word: { word: 'screws', aliases: [] },
  claimSeconds: 0,
  guess: { least: 1, most: 1000, answer: 'set' },
}
const SCREWS_COUNTED = 326

/** Runs over days, so that there is always something to look at. */
const MONTH: RaffleSettings = {
  ...SPEND_FOR_MORE,
  title: 'Lamp of the month',
  description: 'The best lamp of November. Open all month long; drawn in the last show.',
  picture: 'lamp',
  prize: { of: 'text', text: 'the best lamp of November' },
  word: { word: 'month', aliases: [] },
  thisShow: false,
  closeSeconds: 6 * 86_400,
  price: 10,
  mostTickets: 20,
  weights: [{ standing: 'subscriber', weight: 150 }],
  remind: { everyMinutes: 30, beforeMinutes: [] },
  soonSeconds: 0,
  winnerDays: 7,
}

/** Keeps the set-ups, and gives the main picture a place for raffles. */
export async function seedRaffles(submit: Submit, at: number, pool: pg.Pool): Promise<void> {
  for (const [i, settings] of [LAMP, CLOCK, POT, SCREWS].entries())
    await submit(at, { kind: 'raffle.saveSetup', setup: null, settings, digit: i + 1 })
  const overlay = Number((await pool.query('select min(id) as id from overlay')).rows[0].id)
  const place = { x: 1100, y: 60, w: 760, h: 300, locked: false, hidden: false, look: PLAIN_LOOK }
  const raffle: Piece = { of: 'raffle', id: 'raffle1', title: 'Raffle', always: false, ...place }
  const below = { ...place, y: 400, h: 360 }
  const goal: Piece = { of: 'goal', id: 'goal1', title: 'Goal', always: false, ...below, x: 60, y: 60, h: 220 }
  const bet: Piece = { of: 'bet', id: 'bet1', title: 'Bet', always: false, ...below }
  const wide = { ...place, x: 60, y: 320, h: 400 }
  const scramble: Piece = { of: 'scramble', id: 'scramble1', title: 'A scramble', always: false, ...wide }
  const boss: Piece = { of: 'boss', id: 'boss1', title: 'A fight', always: false, ...wide }
  const settings = {
    name: 'Main picture',
    width: 1920,
    height: 1080,
    pieces: [...FIRST_PIECES, raffle, bet, goal, scramble, boss],
    background: null,
  }
  await submit(at, { kind: 'screen.save', overlay, settings })
}

interface Person {
  readonly account: string
  readonly name: string
}

/** Most winners get their prize by post some time after. */
async function deliver(pool: pg.Pool, submit: Submit, chance: () => number, raffle: number, at: number): Promise<void> {
  const won = await pool.query(
    "select draw from raffle_winner where raffle = $1 and state = 'won' and delivered_at is null",
    [raffle],
  )
  for (const { draw } of won.rows)
    if (chance() < 0.8)
      await submit(at, {
        kind: 'raffle.record',
        raffle,
        draw: Number(draw),
        delivered: true,
        note: 'sent by post',
      })
}

/** A raffle of an evening, from the opening to the record: some come in, somebody wins, now and then the first one drawn says nothing. */
export async function pastRaffle(
  pool: pg.Pool,
  submit: Submit,
  chance: () => number,
  people: readonly Person[],
  { index, at }: { readonly index: number; readonly at: number },
): Promise<void> {
  const settings = [LAMP, CLOCK, POT, SCREWS][index % 4] ?? LAMP
  const raffle = await start(submit, at, settings)
  if (raffle === undefined) return
  const came = people.filter(() => chance() < 0.6)
  await enter(submit, chance, came, raffle, at, { guess: settings.guess })
  for (let i = 0; i < 3; i++) {
    const now = at + 400 + 150 * i
    await act(submit, now, raffle, 'draw')
    await tick(submit, pool, raffle, now + 20)
    const waiting = await pool.query(
      "select v.account, v.name from raffle_winner w join viewer v on v.channel = w.channel and v.id = w.viewer where w.raffle = $1 and w.state = 'waiting'",
      [raffle],
    )
    if (waiting.rows.length === 0) break
    if (index % 4 === 0 && i === 0) {
      await tick(submit, pool, raffle, now + 120)
      continue
    }
    const who = waiting.rows[0] as Person
    await submit(now + 40, {
      kind: 'chat.line',
      who,
      text: SAID[index % SAID.length] ?? 'me?!',
      privately: false,
    })
  }
  await act(submit, at + 900, raffle, 'finish')
  if (index % 3 !== 2) await deliver(pool, submit, chance, raffle, at + 90_000)
}

const SAID = ['me? really?', 'I am here, I am here!', 'that lamp has found its home', 'yes yes yes']

/** The raffle that is on when somebody looks at the demo. */
export async function monthRaffle(
  submit: Submit,
  chance: () => number,
  people: readonly Person[],
  at: number,
): Promise<void> {
  const raffle = await start(submit, at, MONTH)
  if (raffle !== undefined) await enter(submit, chance, people, raffle, at, { most: 44 * 3600 })
}

async function start(submit: Submit, at: number, settings: RaffleSettings): Promise<number | undefined> {
  const made = await submit(at, {
    kind: 'raffle.start',
    settings,
    opens: { of: 'now' },
    setup: null,
    ...(settings.guess !== null && { answer: SCREWS_COUNTED }),
    by: STREAMER.account,
  })
  return made.ok ? made.value.raffle : undefined
}

async function enter(
  submit: Submit,
  chance: () => number,
  people: readonly Person[],
  raffle: number,
  at: number,
  { most = 280, guess = null }: { readonly most?: number; readonly guess?: RaffleSettings['guess'] },
) {
  const times = people.map(() => Math.floor(chance() ** 2 * most)).sort((a, b) => a - b)
  for (const [i, { account, name }] of people.entries()) {
    const some = chance() < 0.6 ? ('some' as const) : 1 + Math.floor(chance() * 5)
    const wanted = guess === null ? some : guess.least + Math.floor(chance() * (guess.most - guess.least))
    await submit(at + 5 + (times[i] ?? 0), { kind: 'raffle.enter', who: { account, name }, raffle, wanted })
  }
}

const act = (submit: Submit, at: number, raffle: number, does: 'draw' | 'finish') =>
  submit(at, { kind: 'raffle.act', raffle, does, by: STREAMER.account })

/** Does what the raffle's timers would have done by a time. */
async function tick(submit: Submit, pool: pg.Pool, raffle: number, until: number): Promise<void> {
  const row = (await pool.query('select drawing, waiting from raffle where id = $1', [raffle])).rows[0]
  const drawn = Number(row?.drawing?.until ?? Number.POSITIVE_INFINITY)
  if (drawn <= until) await submit(drawn, { kind: 'raffle.tick', raffle, what: 'announce', due: drawn })
  for (const { draw, until: due } of row?.waiting ?? [])
    if (due <= until) await submit(due, { kind: 'raffle.tick', raffle, what: 'claim', due, draw })
}
