import { currencySetting, inWords } from '../currency/index.ts'
import { paySupport, type Support } from '../earning/index.ts'
import { meet, needViewer, type ViewerRow, type Who } from '../people/index.ts'
import { readSetting, type Setting, writeSetting } from '../settings/index.ts'
import { endShow, showOnAir, startShow } from '../show/index.ts'
import { defineTable, type Envelope, type Handler, ok, type World } from '../world/index.ts'
import { isEventKind } from './schema.ts'

/** An event from outside as it was received; kept, shown, never changed. Times in seconds since 1970. */
export interface EventRow {
  readonly id: number
  readonly at: number
  /** When it happened, as the sender says. */
  readonly happenedAt: number
  readonly source: string
  readonly type: string
  readonly viewer: number | null
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
  readonly happenedAt: number
  /** Whom it is about, if anybody. */
  readonly who?: Who
  readonly body: Readonly<Record<string, unknown>>
}

/** Older than this when it arrives: kept and shown, but nothing is done about it. */
const STALE_SECONDS = 7 * 86_400

/** When the platform last said that the show began or ended: events may arrive in any order. */
const showEventsSetting: Setting<{ readonly latest: number }> = { name: 'showEvents', initial: { latest: 0 } }

/** Keeps an event, does what follows from it, and tells the desk. */
export const receiveEvent: Handler<ReceiveEvent> = {
  needs: (world, intent) => (intent.who === undefined ? [] : needViewer(world, intent.who.account)),
  decide(world, intent) {
    const viewer = intent.who === undefined ? undefined : meet(world, intent.who)
    const outcome = act(world, intent, viewer)
    const { source, type, happenedAt, body } = intent
    const row = { source, type, happenedAt, body, outcome, viewer: viewer?.id ?? null, name: viewer?.name ?? null }
    const event = world.append(events, { id: world.nextId(), at: world.at, ...row })
    world.fact('event.received', 'desk', { event: event.id, type, name: event.name, outcome })
    return ok({ event: event.id, outcome })
  },
}

type Received = ReceiveEvent & Envelope

function act(world: World, intent: Received, viewer: ViewerRow | undefined): string {
  if (!isEventKind(intent.type)) return 'Not a kind known here: kept, nothing done.'
  if (world.at - intent.happenedAt > STALE_SECONDS) return 'Older than a week: kept, nothing done.'
  switch (intent.type) {
    case 'ricompensa.show.started':
    case 'ricompensa.show.ended':
      return actOnShow(world, intent)
    case 'ricompensa.test':
      return 'The test arrived.'
    default:
      return viewer === undefined ? 'Noted.' : thank(world, viewer, intent)
  }
}

/** Pays for what the plan says support is worth. */
function thank(world: World, viewer: ViewerRow, { type, body }: Received): string {
  if (viewer.ignored) return 'The account is ignored: nothing paid.'
  const support = supportOf(type, body)
  const again = support?.kind === 'follow' && viewer.followedAt !== null
  const paid = support === undefined ? 0 : paySupport(world, viewer, support)
  if (paid > 0) return `Paid ${inWords(paid, readSetting(world, currencySetting))}.`
  return again ? 'Has followed before: nothing paid.' : 'Noted.'
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
      return { kind: 'gift', count: figure('count') }
    case 'ricompensa.raid':
      return { kind: 'raid', viewers: figure('viewers') }
    case 'ricompensa.tip':
      return { kind: 'tip', minorUnits: figure('minorUnits') }
    case 'ricompensa.cheer':
      return { kind: 'cheer', units: figure('units') }
    default:
      return undefined
  }
}

function actOnShow(world: World, { type, happenedAt, body, key, at }: Received): string {
  if (happenedAt < readSetting(world, showEventsSetting).latest) return 'Overtaken by a later one: nothing done.'
  writeSetting(world, showEventsSetting, { latest: happenedAt })
  const show = showOnAir(world)
  if (type === 'ricompensa.show.started') {
    if (show !== undefined) return 'The show was on air already.'
    const started = startShow.decide(world, { kind: 'show.start', title: String(body.title ?? 'Show'), key, at })
    return started.ok ? 'The show is on air.' : started.refusal.sentence
  }
  if (show === undefined) return 'There was no show on air.'
  if (show.startedAt > happenedAt) return 'The show on air began later than this: nothing done.'
  endShow.decide(world, { kind: 'show.end', key, at })
  return 'The show is off air.'
}
