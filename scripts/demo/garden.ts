import { randomBytes } from 'node:crypto'
import type pg from 'pg'
import { type EarningPlan, STARTERS } from '#core/earning'
import type { Intent } from '#core/engine'
import { PLAIN_REWARD, type RewardSettings } from '#core/store'
import { READY_SETS } from '#core/team'
import { ChannelWriter, envelope } from '#server/writer/index.ts'
import { chanceFrom } from '../../standin/src/chance.ts'
import { GARDEN_CROWD, GARDEN_LINES, GARDENER } from '../../standin/src/people.ts'
import type { Submit } from './submit.ts'

const DAY = 86_400
/** Three weeks old: one show every third dawn. */
const SHOWS = 7
const SHOW_SECONDS = 1.5 * 3600
const TITLES = ['first light on the beans', 'repotting the figs', 'what the snails left']

const [STARTER] = STARTERS
if (STARTER === undefined) throw new Error('There is no plan to start the garden from.')
const PLAN: EarningPlan = { ...STARTER.plan, base: 3, newcomerWaitSeconds: 0 }

const REWARDS: readonly Partial<RewardSettings>[] = [
  {
    name: 'Name a seedling',
    word: 'seedling',
    price: 60,
    asks: { of: 'text', question: 'What should it be called?', least: 2, most: 40 },
  },
  { name: 'Water the blue pot', word: 'water', price: 15 },
  { name: 'A look at the bees', word: 'bees', price: 30 },
]

/** A small channel of its own with a room on the same network, run by somebody else; rosa_dial helps here, too. */
export async function seedGarden(pool: pg.Pool, writerPool: pg.Pool, now: number): Promise<void> {
  const begin = now - (now % DAY) - SHOWS * 3 * DAY + 5 * 3600
  const text = `insert into channel (slug, name, owner, opened_at) values ('roof-garden', 'Roof Garden at Dawn', $1, $2) returning id`
  const channel = (await pool.query(text, [GARDENER.account, begin])).rows[0].id as number
  const writer = new ChannelWriter({ pool: writerPool, channel, onFacts: () => {}, batchSize: 2000 })
  let count = 0
  const submit = <I extends Intent>(at: number, intent: I) =>
    writer.submit<I>({ ...intent, ...envelope(`garden/${++count}`, Math.floor(at)) })
  await seedBeginning(submit, begin)
  const chance = chanceFrom(41)
  for (let i = 0; i < SHOWS; i++) await pastShow(submit, chance, TITLES[i % TITLES.length] ?? '', begin + i * 3 * DAY)
}

async function seedBeginning(submit: Submit, at: number): Promise<void> {
  const currency = { one: 'acorn', many: 'acorns', word: 'acorns' }
  await submit(at, { kind: 'channel.setUp', currency, plan: PLAN, timeZone: 'Europe/Lisbon' })
  await submit(at, { kind: 'screen.add', name: 'Main picture', secret: randomBytes(24).toString('base64url') })
  for (const reward of REWARDS)
    await submit(at, { kind: 'store.save', reward: null, settings: { ...PLAIN_REWARD, ...reward } })
  const settings = { room: '#roof-garden', network: null, moderators: '@&~' }
  await submit(at, { kind: 'room.save', room: null, settings, password: null, roomKey: null })
  const keeper = READY_SETS.find(({ name }) => name === 'Keeper')?.rights
  if (keeper === undefined) throw new Error('There is no ready set Keeper.')
  const by = { account: GARDENER.account, owner: true }
  const offer = { whom: 'Rosa', account: null, rights: keeper, until: null }
  await submit(at, { kind: 'team.invite', by, hash: 'garden-rosa', ...offer })
  await submit(at, {
    kind: 'team.join',
    hash: 'garden-rosa',
    who: { account: 'rosa_dial', name: 'rosa_dial', owner: false },
  })
}

async function pastShow(submit: Submit, chance: () => number, title: string, start: number): Promise<void> {
  await submit(start, { kind: 'show.start', title })
  const end = start + SHOW_SECONDS
  for (const { account, name, operator } of GARDEN_CROWD) {
    if (chance() > 0.7) continue
    const who = { account, name, moderator: operator }
    await submit(start + chance() * 1200, { kind: 'presence.arrived', who })
    const line = GARDEN_LINES[Math.floor(chance() * GARDEN_LINES.length)] ?? ''
    await submit(start + 1300 + chance() * 600, { kind: 'chat.line', who, text: line, privately: false })
    await submit(end - chance() * 600, { kind: 'presence.left', account })
    if (chance() < 0.25) await buy(submit, who, end - 60)
  }
  const ended = await submit(end, { kind: 'show.end' })
  if (ended.ok) await submit(end, { kind: 'show.settled', show: ended.value.show })
}

async function buy(submit: Submit, who: { account: string; name: string }, at: number): Promise<void> {
  const order = { kind: 'store.buy', who, word: 'water', text: '', confirmed: true } as const
  const bought = await submit(at, order)
  if (bought.ok && bought.value.status === 'waiting')
    await submit(at + 30, { kind: 'store.done', order: bought.value.order, by: GARDENER.account })
}
