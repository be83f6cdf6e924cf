import { randomBytes } from 'node:crypto'
import type pg from 'pg'
import { type EarningPlan, STARTERS } from '#core/earning'
import type { AnswerTo, Intent } from '#core/engine'
import type { CircleSettings, Rank, RankPlan } from '#core/ranks'
import type { RewardSettings } from '#core/store'
import type { Result } from '#core/world'
import { ChannelWriter, envelope } from '#server/writer/index.ts'
import { chanceFrom } from '../../standin/src/chance.ts'
import { CROWD, LINES, STREAMER } from '../../standin/src/people.ts'
import { pastBet, runningBet, seedBets } from './bets.ts'
import { seedCommands } from './commands.ts'
import { pastGames, seedGames } from './games.ts'
import { seedGarden } from './garden.ts'
import { runningGoals } from './goals.ts'
import { monthRaffle, pastRaffle, seedRaffles } from './raffles.ts'
import { seedRewards } from './rewards.ts'
import type { Submit } from './submit.ts'
import { seedHelper, seedInvited } from './team.ts'

const VIEWERS = 320
const SHOWS = 36
/** Games came late to the channel. */
const SHOWS_WITH_GAMES = 9
const SHOWS_WITH_RAFFLES = 7
const SHOWS_WITH_BETS = 5
const DAY = 86_400
const SHOW_SECONDS = 2.5 * 3600

const TITLES = [
  'the tram clock',
  'lamps from the attic',
  'a radio with no back',
  'three alarm clocks',
  'the big amplifier',
  'toasters, again',
]
const ASKED = [
  'the blue radio please',
  'Sir Ticks-a-Lot',
  'the lamp with the green shade',
  'get well soon, Opa',
  'chapter four',
  'Madame Flicker',
]

const [, STARTER] = STARTERS
if (STARTER === undefined) throw new Error('There is no plan to start the demo from.')
const PLAN: EarningPlan = { ...STARTER.plan, base: 10, newcomerWaitSeconds: 0 }

const rank = (id: number, name: string, hours: number, badge: Rank['badge'], needs: string | null = null): Rank => ({
  id,
  name,
  from: hours * 60,
  needs,
  badge,
})

const RANKS: RankPlan = {
  measure: 'hours',
  ranks: [
    rank(1, 'Onlooker', 1, 'washer'),
    rank(2, 'Apprentice', 5, 'bolt'),
    rank(3, 'Fitter', 15, 'cog'),
    rank(4, 'Journeyman', 30, 'key'),
    rank(5, 'Master', 50, 'anvil', 'follower'),
  ],
  announce: '{{ viewer.name }} is {{ viewer.rank }} now. Mind the soldering iron!',
}

const NO_RULES = { hours: null, shows: null, followerDays: null, subscriberMonths: null, rank: null }
const CIRCLES: readonly CircleSettings[] = [
  { name: 'Regulars', keep: false, rules: { ...NO_RULES, shows: { least: 6, of: 10 } } },
  { name: 'Bench crew', keep: false, rules: NO_RULES },
]

interface DemoPerson {
  readonly account: string
  readonly name: string
  readonly moderator: boolean
  /** How often they come: share of the shows. */
  readonly faith: number
}

/** What the seed needs: a chance to draw from, and a way to hand in an intent at a time of the past. */
interface Past {
  readonly pool: pg.Pool
  readonly chance: () => number
  readonly submit: <I extends Intent>(at: number, intent: I) => Promise<Result<AnswerTo<I>>>
  readonly rewards: readonly RewardSettings[]
}

// Short enough that a visitor of the demo sees it happen.
const LIVE_PLAN = {
  ...PLAN,
  intervalSeconds: 20,
  base: 2,
  standings: { ...PLAN.standings, follower: { plus: 1, times: 100 } },
}

/** The channel's currency, plan, ranks and circles. @returns the circle of the crew. */
async function seedBeginning(submit: Submit, begin: number): Promise<number> {
  await submit(begin, {
    kind: 'channel.setUp',
    currency: { one: 'rivet', many: 'rivets', word: 'rivets', icon: 'rivet' },
    plan: PLAN,
    timeZone: 'Europe/Berlin',
  })
  await submit(begin, { kind: 'ranks.change', plan: RANKS })
  const circles = await Promise.all(
    CIRCLES.map((settings) => submit(begin, { kind: 'circle.save', circle: null, settings })),
  )
  return Number(circles[1]?.ok && circles[1].value.circle)
}

/**
 * Fills a new database with the demo channel: months of shows with people who came, watched and spent. Everything goes
 * through the writer like the real thing, so every number has its trail.
 */
export async function seedDemo(pool: pg.Pool, writerPool: pg.Pool, now: number): Promise<void> {
  const made = await pool.query(
    `insert into channel (slug, name, owner) values ('workbench', 'The Evening Workbench', $1) returning id`,
    [STREAMER.account],
  )
  const channel = made.rows[0].id as number
  const writer = new ChannelWriter({ pool: writerPool, channel, onFacts: () => {}, batchSize: 2000 })
  let count = 0
  const submit = <I extends Intent>(at: number, intent: I) =>
    writer.submit({ ...intent, ...envelope(`demo/${++count}`, Math.floor(at)) })
  const chance = chanceFrom(20)
  // Shows begin at 19:00 UTC.
  const begin = now - (now % DAY) - Math.ceil(SHOWS * 3.4) * DAY + 19 * 3600
  const crew = await seedBeginning(submit, begin)
  await seedHelper(submit, begin)
  const rewards = await seedRewards((intent) => submit(begin, intent), crew)
  for (const name of ['Main picture', 'Second computer']) {
    await submit(begin, { kind: 'screen.add', name, secret: randomBytes(24).toString('base64url') })
  }
  await seedGames(submit, begin)
  await seedRaffles(submit, begin, pool)
  await seedBets(submit, begin)
  const past = { pool, chance, submit, rewards: rewards.filter(buyable) }
  const people = demoPeople(chance)
  await pastSupport(past, people, begin)
  for (let i = 0; i < SHOWS; i++) await pastShow(past, people, i, begin + Math.floor((i + 0.5) * 3.3) * DAY)
  await seedRunning(past, people, now)
  await pastKeeping({ pool, channel, submit, now }, crew)
  await submit(now, { kind: 'earning.change', plan: LIVE_PLAN, by: STREAMER.account })
  await seedInvited(submit, now)
  await seedCommands(now, (intent) => submit(now, intent))
  await seedGarden(pool, writerPool, now)
  const complete = JSON.stringify({ complete: true })
  await pool.query("insert into setting (channel, name, body) values ($1, 'demo', $2)", [channel, complete])
}

/** What is on when somebody looks at the demo. */
async function seedRunning({ submit, chance }: Past, people: readonly DemoPerson[], now: number): Promise<void> {
  const faithful = (least: number) => people.filter(({ faith }) => faith > least)
  await monthRaffle(submit, chance, faithful(0.2), now - 2 * DAY)
  await runningBet(submit, chance, faithful(0.3), now - 600)
  await runningGoals(submit, chance, faithful(0.25), now - 3 * DAY)
}

const THINGS = 'anvil bolt cable dial file gauge hammer lens motor nut plug relay spring tube wire'.split(' ')
const WORDS = 'little rusty polished spare wobbly second evening grandpas humming copper bent sunday'.split(' ')

function demoPeople(chance: () => number): DemoPerson[] {
  const crowd = CROWD.map(({ account, name, operator }) => ({
    account,
    name,
    moderator: operator,
    faith: 0.15 + 0.75 * chance(),
  }))
  const others = Array.from({ length: VIEWERS - crowd.length }, (_, i) => {
    const name = `${WORDS[i % WORDS.length]}_${THINGS[Math.floor(i / WORDS.length) % THINGS.length]}${i >= 180 ? i - 150 : ''}`
    return { account: name, name, moderator: false, faith: 0.02 + 0.3 * chance() ** 3 }
  })
  return [...crowd, ...others]
}

async function pastShow(past: Past, people: readonly DemoPerson[], index: number, start: number): Promise<void> {
  const { chance, submit } = past
  const title = `Thursday bench: ${TITLES[index % TITLES.length]}`
  const started = await submit(start, { kind: 'show.start', title })
  const end = start + SHOW_SECONDS
  const visits = people
    .filter(({ faith }) => chance() < faith)
    .map((person) => ({ person, from: start + chance() ** 2 * 5000, until: end - chance() ** 2 * 5000 }))
    .filter(({ from, until }) => until > from + 120)
  const moments: Moment[] = []
  for (const { person, from, until } of visits) {
    const { account, name, moderator } = person
    const who = { account, name, moderator }
    moments.push({ at: from, intent: { kind: 'presence.arrived', who } })
    moments.push({ at: until, intent: { kind: 'presence.left', account } })
    if (chance() < 0.4) {
      const text = LINES[Math.floor(chance() * LINES.length)] ?? 'hello'
      moments.push({ at: from + chance() * (until - from), intent: { kind: 'chat.line', who, text, privately: false } })
    }
  }
  moments.sort((a, b) => a.at - b.at)
  // The last shows are paid interval by interval, so that the evening's chart looks as it will; for the others it is
  // enough that everybody is paid on leaving.
  if (index >= SHOWS - 2) await paidEvening(past, moments, Number(started.ok && started.value.show), start, end)
  else await Promise.all(moments.map(({ at, intent }) => submit(at, intent)))
  const came = visits.map(({ person }) => person)
  if (index >= SHOWS - SHOWS_WITH_GAMES) await pastGames(past.pool, submit, chance, came, start + 3600)
  if (index >= SHOWS - SHOWS_WITH_RAFFLES)
    await pastRaffle(past.pool, submit, chance, came, { index, at: start + 5400 })
  if (index >= SHOWS - SHOWS_WITH_BETS) await pastBet(submit, chance, came, { index, at: start + 6600 })
  await pastOrders(past, came, end - 600)
  const ended = await submit(end, { kind: 'show.end' })
  if (ended.ok) await submit(end, { kind: 'show.settled', show: ended.value.show })
}

interface Moment {
  readonly at: number
  readonly intent: Intent
}

async function paidEvening(
  past: Past,
  moments: readonly Moment[],
  show: number,
  start: number,
  end: number,
): Promise<void> {
  const waiting = [...moments]
  for (let at = start + 300; at <= end; at += 300) {
    const due = waiting.splice(0, waiting.filter((moment) => moment.at <= at).length)
    await Promise.all(due.map((moment) => past.submit(moment.at, moment.intent)))
    await past.submit(at, { kind: 'earning.pay', show, after: 0, upTo: Number.MAX_SAFE_INTEGER })
  }
  await Promise.all(waiting.map((moment) => past.submit(moment.at, moment.intent)))
}

/** Before the first show: who follows, and who subscribes. */
async function pastSupport({ chance, submit }: Past, people: readonly DemoPerson[], at: number): Promise<void> {
  for (const { account, name, faith } of people) {
    const who = { account, name }
    const happened = { kind: 'event.received', source: 'demo', happenedAt: at, who } as const
    if (chance() < 0.25 + faith * 0.6) await submit(at, { ...happened, type: 'ricompensa.follow', body: { who } })
    if (chance() < faith * 0.35) {
      const tier = 1 + Math.floor(chance() ** 2 * 3)
      await submit(at, { ...happened, type: 'ricompensa.subscription', body: { who, tier } })
    }
  }
}

interface Keeping {
  readonly pool: pg.Pool
  readonly channel: number
  readonly submit: Past['submit']
  readonly now: number
}

/** What the team keeps of people: a circle joined by hand, notes; and everybody's rank and circles looked at. */
async function pastKeeping({ pool, channel, submit, now }: Keeping, crew: number): Promise<void> {
  const found = await pool.query('select id, moderator, tier from viewer where channel = $1 order by id', [channel])
  const ids = found.rows.map(({ id }) => id as number)
  const moderators = found.rows.filter(({ moderator }) => moderator).map(({ id }) => id as number)
  for (const { id, tier } of found.rows) if (tier > 0) await submit(now, { kind: 'people.keep', viewer: id, tier })
  await submit(now, { kind: 'circle.join', circle: crew, viewers: [...moderators, ...ids.slice(0, 4)], how: 'in' })
  for (const text of ['Brings the best radios.', 'Asked to be read out as "Opa’s lamp".'])
    await submit(now, { kind: 'people.note', viewer: ids[0] ?? 0, text, by: STREAMER.account })
  await submit(now, { kind: 'ranks.review', viewers: ids, quietly: true })
}

/** Some of those who came buy something at the end of the evening; nearly all of it is done, a little given back. */
/** What a buyer says to a reward. */
function saidTo({ asks }: RewardSettings, chance: () => number): string {
  const one = <T>(list: readonly T[]): T | undefined => list[Math.floor(chance() * list.length)]
  if (asks.of === 'choice') return one(asks.choices) ?? ''
  return asks.of === 'text' ? (one(ASKED) ?? '') : ''
}

/** What past viewers bought: codes and what comes by post are left for the visitor of the demo. */
const buyable = ({ kind, post, secret, perk }: RewardSettings): boolean =>
  kind !== 'code' && post === null && secret === '' && perk === null

async function pastOrders({ chance, submit, rewards }: Past, people: readonly DemoPerson[], at: number): Promise<void> {
  for (const { account, name } of people) {
    if (chance() > 0.3) continue
    const reward = rewards[Math.floor(chance() * rewards.length)]
    if (reward === undefined) continue
    const text = saidTo(reward, chance)
    const who = { account, name }
    const bought = await submit(at, { kind: 'store.buy', who, word: reward.word, text, confirmed: true })
    if (!bought.ok || bought.value.status !== 'waiting') continue
    const order = bought.value.order
    await submit(at + 300, { kind: chance() < 0.1 ? 'store.giveBack' : 'store.done', order, by: STREAMER.account })
  }
}
