import { currencySetting, inWords } from '../currency/index.ts'
import { earningSetting, hasRate, type Support } from '../earning/index.ts'
import { findViewer, keyOf, meet, needWatch, type ViewerRow, viewers, type Who } from '../people/index.ts'
import type { UnixSeconds, ViewerId } from '../schema.ts'
import { Count, exactly } from '../schema.ts'
import { readSetting, setting, writeSetting } from '../settings/index.ts'
import { goOffAir, goOnAir, showOnAir } from '../show/index.ts'
import { type ListedReward, noteRedeemed, noteRewards, openTriggers } from '../triggers/index.ts'
import { defineTable, type Envelope, type Handler, ok, type World } from '../world/index.ts'
import { isEventKind } from './schema.ts'
import { putAside } from './supporters.ts'
import { thank } from './thank.ts'
import { keepTip } from './waitingTips.ts'

/** An event from outside as it was received; kept, shown, never changed. Times in seconds since 1970. */
export interface EventRow {
  readonly id: number
  readonly at: UnixSeconds
  /** When it happened, as the sender says. */
  readonly happenedAt: UnixSeconds
  readonly source: string
  readonly type: string
  readonly viewer: ViewerId | null
  readonly name: string | null
  readonly body: Readonly<Record<string, unknown>>
  /** What was done about it, as a sentence for the log. */
  readonly outcome: string
}

export const events = defineTable<EventRow>('event', 'append', (row) => row.id)

/** Something happened on the platform. Its envelope and data have been checked against their schemas. */
export interface ReceiveEvent {
  readonly kind: 'event.received'
  readonly source: string
  readonly type: string
  readonly happenedAt: UnixSeconds
  /** Whom it is about, if anybody. */
  readonly who?: Who
  /** Who received something through it, if anybody. */
  readonly to?: readonly Who[]
  readonly body: Readonly<Record<string, unknown>>
}

/** Older than this when it arrives: kept and shown, but nothing is done about it. */
const STALE_SECONDS = 7 * 86_400

/** When the platform last said that the show began or ended: events may arrive in any order. */
export const showEventsSetting = setting('showEvents', 'time of the last show event', exactly({ latest: Count }), {
  latest: 0,
})

/** Keeps an event, does what follows from it, and tells the desk. */
export const receiveEvent = {
  needs: (world, { who, to = [] }) =>
    [...(who === undefined ? [] : [who]), ...to].flatMap((one) => needWatch(world, keyOf(one))),
  decide(world, intent) {
    const viewer = intent.who === undefined || isUnknown(world, intent) ? undefined : meet(world, intent.who)
    const outcome = act(world, intent, viewer)
    const { source, type, happenedAt } = intent
    // Who received something is not kept with the event: it would name them after they were forgotten.
    const { to: _, rewards: __, ...body } = intent.body
    const row = {
      source,
      type,
      happenedAt,
      body,
      outcome,
      viewer: viewer?.id ?? null,
      name: viewer?.name ?? intent.who?.name ?? null,
    }
    const event = world.append(events, { id: world.nextId(), at: world.at, ...row })
    world.fact('event.received', 'desk', { event: event.id, type, name: event.name, outcome })
    return ok({ event: event.id, outcome })
  },
} satisfies Handler<ReceiveEvent>

type Received = ReceiveEvent & Envelope

/** Tips come from services that know no chat accounts: who tips under a name not seen here may be known under another. */
const isUnknown = (world: World, { type, who }: ReceiveEvent): boolean =>
  type === 'ricompensa.tip' && who !== undefined && findViewer(world, keyOf(who)) === undefined

function act(world: World, intent: Received, viewer: ViewerRow | undefined): string {
  if (!isEventKind(intent.type)) return 'Unknown kind: kept, nothing done.'
  if (world.at - intent.happenedAt > STALE_SECONDS) return 'Older than a week: kept, nothing done.'
  switch (intent.type) {
    case 'ricompensa.show.started':
    case 'ricompensa.show.ended':
      return actOnShow(world, intent)
    case 'ricompensa.test':
      return 'The test arrived.'
    case 'ricompensa.rewards.listed':
      return listRewards(world, intent)
    case 'ricompensa.reward.redeemed':
      return viewer === undefined ? 'Noted.' : redeem(world, viewer, intent)
    case 'ricompensa.subscription.ended':
      return viewer === undefined ? 'Noted.' : endSubscription(world, viewer)
    default:
      return viewer === undefined ? waitForMatch(world, intent) : actOnSupport(world, viewer, intent)
  }
}

/** Pays for what the plan says support is worth, and says thanks. */
function actOnSupport(world: World, viewer: ViewerRow, { type, body, to = [] }: Received): string {
  if (viewer.ignored) return 'The account is ignored: nothing paid.'
  const support = supportOf(type, body)
  if (support === undefined) return 'Noted.'
  if (withoutRate(world, support)) {
    thank(world, viewer, support)
    return keepTip(world, viewer, support.minorUnits, support.currency)
  }
  const again = support.kind === 'follow' && viewer.followedAt !== null
  const { followersOnly } = readSetting(world, earningSetting).support.raid
  const raidOfStranger = support.kind === 'raid' && followersOnly && viewer.followedAt === null
  const paid = thank(world, viewer, support, body.months === undefined ? {} : { months: Number(body.months) })
  const received = support.kind === 'gift' ? receive(world, to, support.tier) : 0
  if (paid + received > 0) return `Paid ${inWords(paid + received, readSetting(world, currencySetting))}.`
  if (raidOfStranger) return 'Does not follow: nothing paid.'
  return again ? 'Has followed before: nothing paid.' : 'Noted.'
}

/** Whether it is a tip whose worth is not to be guessed. */
export const withoutRate = (
  world: World,
  support: Support,
): support is Extract<Support, { kind: 'tip' }> & { readonly currency: string } =>
  support.kind === 'tip' && support.currency !== undefined && !hasRate(world, support.currency)

/** Who is given a subscription is a subscriber, and paid as the plan says. */
const receive = (world: World, to: readonly Who[], tier: number): number =>
  to.reduce((sum, who) => sum + thank(world, meet(world, who), { kind: 'giftReceived', tier }), 0)

function listRewards(world: World, { body }: Received): string {
  const rewards = body.rewards as readonly ListedReward[]
  noteRewards(world, rewards)
  return `The platform has ${rewards.length} ${rewards.length === 1 ? 'reward' : 'rewards'} of its own points.`
}

/** Somebody spent the platform's own points: what answers it is a trigger. */
function redeem(world: World, viewer: ViewerRow, { body, key }: Received): string {
  const reward = body.reward as { id: string; name: string }
  noteRedeemed(world, reward)
  if (viewer.ignored) return 'The account is ignored: nothing done.'
  const answers = openTriggers(world).some(
    ({ settings: { on, source } }) => on && source.of === 'outside' && source.reward === reward.id,
  )
  const redemption = String(body.redemption ?? key)
  const text = String(body.text ?? '').slice(0, 300)
  world.moment('redeemed', viewer.id, { reward: reward.id, name: reward.name, text, redemption })
  return answers ? `"${reward.name}" sets its trigger off.` : `No trigger for "${reward.name}": noted.`
}

function waitForMatch(world: World, { who, type, body }: Received): string {
  const support = supportOf(type, body)
  if (who === undefined || support === undefined) return 'Noted.'
  putAside(world, who.account, who.name, support)
  return 'Nobody here has this name: waits on the People page to be matched.'
}

function endSubscription(world: World, viewer: ViewerRow): string {
  world.put(viewers, { ...viewer, subscribedUntil: world.at })
  return 'No longer a subscriber.'
}

/** The support in an event; undefined for one that is none. Its figures have been checked against their schema. */
function supportOf(type: string, body: Received['body']): Support | undefined {
  const figure = (name: string) => Number(body[name])
  switch (type) {
    case 'ricompensa.follow':
      return { kind: 'follow' }
    case 'ricompensa.subscription':
      return { kind: 'subscription', tier: figure('tier') }
    case 'ricompensa.resubscription':
      return { kind: 'resubscription', tier: figure('tier') }
    case 'ricompensa.gift':
      return { kind: 'gift', count: figure('count'), tier: figure('tier') }
    case 'ricompensa.raid':
      return { kind: 'raid', viewers: figure('viewers') }
    case 'ricompensa.tip':
      return {
        kind: 'tip',
        minorUnits: figure('minorUnits'),
        ...(typeof body.currency === 'string' && { currency: body.currency }),
      }
    case 'ricompensa.cheer':
      return { kind: 'cheer', units: figure('units') }
    default:
      return undefined
  }
}

function actOnShow(world: World, { type, happenedAt, body }: Received): string {
  if (happenedAt < readSetting(world, showEventsSetting).latest) return 'A later event came first: nothing done.'
  writeSetting(world, showEventsSetting, { latest: happenedAt })
  const show = showOnAir(world)
  if (type === 'ricompensa.show.started') {
    if (show !== undefined) return 'The show was on air already.'
    const started = goOnAir(world, { title: String(body.title ?? 'Show'), resume: true })
    return started.ok ? (started.value.resumed ? 'The show goes on.' : 'The show is on air.') : started.refusal.sentence
  }
  if (show === undefined) return 'There was no show on air.'
  if (show.startedAt > happenedAt) return 'The show on air began later than this: nothing done.'
  goOffAir(world, {})
  return 'The show is off air.'
}
