import { whyNotFor } from '#core/access'
import { digits } from '#core/currency'
import { earningSetting } from '#core/earning'
import { checkRaffle } from '#core/entering'
import { type Faults, firstFault } from '#core/faults'
import { attendedOfLast, standingsOf } from '#core/people'
import {
  aroundRaffles,
  freeTickets,
  type Here,
  outlookOf,
  type RaffleSettings,
  raffleFaults,
  raffleHints,
  runningRaffles,
  shareInWords,
  unfair,
  wordsOf,
} from '#core/raffles'
import type { Seconds, UnixSeconds } from '#core/schema'
import { readSetting } from '#core/settings'
import { latestShow, showOnAir } from '#core/show'
import { priceInWatching } from '#core/store'
import { lookAlike } from '#core/texts'
import type { World } from '#core/world'
import type { Channels } from '../channels.ts'
import type { ChatState } from '../chat/index.ts'
import { type Client, reader } from '../database/index.ts'
import { circlesOf } from '../ranks/index.ts'
import { overlaysOf } from '../screen/index.ts'
import { onCopy } from '../writer/index.ts'

/** So many of those present are looked at; of more the rest is like them. */
const MOST_HERE = 20_000

const HERE = `select v.id, v.account_key as "accountKey", v.ignored, v.followed_at as "followedAt", v.tier, v.subscribed_until as "subscribedUntil",
    v.moderator, v.linked, v.circles, v.rank, v.first_seen_at as "firstSeenAt", v.account_made_at as "accountMadeAt", coalesce(w.watched_seconds, 0)::bigint as "watchedSeconds",
    coalesce(w.attended, 0)::bigint as attended, coalesce(w.attended_show, 0)::bigint as "attendedShow", coalesce(l.won_at, 0)::bigint as "wonAt"
  from viewer v left join watch w on w.channel = v.channel and w.id = v.id
    left join raffle_luck l on l.channel = v.channel and l.id = v.id
  where v.channel = $1 and v.present and not v.ignored limit ${MOST_HERE}`

interface HereRow {
  readonly id: number
  readonly accountKey: string
  readonly ignored: boolean
  readonly followedAt: UnixSeconds | null
  readonly tier: number
  readonly subscribedUntil: UnixSeconds | null
  readonly moderator: boolean
  readonly linked: boolean
  readonly circles: readonly number[]
  readonly rank: number | null
  readonly firstSeenAt: UnixSeconds
  readonly accountMadeAt: UnixSeconds | null
  readonly watchedSeconds: Seconds
  readonly attended: number
  readonly attendedShow: number
  readonly wonAt: UnixSeconds
}

/** Everybody who is here, as far as a raffle asks. */
async function hereNow(client: Client, channel: number, world: World, settings: RaffleSettings): Promise<Here[]> {
  const latest = latestShow(world)?.number ?? 0
  const found = await client.query<HereRow>(HERE, [channel])
  return found.rows.map((row) => ({
    standings: standingsOf(row, world.at),
    person: {
      ignored: row.ignored,
      barred: whyNotFor(world, settings.who, row, 'This raffle'),
      watchedSeconds: row.watchedSeconds,
      followedAt: row.followedAt,
      attended: attendedOfLast(row, latest, settings.seen.of),
      wonAt: row.wonAt,
    },
  }))
}

/** Something that a raffle needs in order to work: whether it is so, and where to fix it. */
interface Check {
  readonly ok: boolean
  readonly sentence: string
  readonly fix?: { readonly page: string; readonly label: string }
}

/** Why a raffle cannot be started, by place: what is not about its settings alone is about its words. */
function faultsNow(world: World, settings: RaffleSettings, refusal: string): Faults {
  const own = raffleFaults(settings, aroundRaffles(world))
  return firstFault(own) === undefined ? { word: refusal } : own
}

/** What a raffle with such settings would mean now, before it is opened: nothing is written. */
export async function outlookNow(channels: Channels, channel: number, chat: ChatState, settings: RaffleSettings) {
  const db = reader(channels.pool)
  const at = channels.clock()
  const circles = (await circlesOf(db, channel)).map(({ id, name }) => ({ id, name }))
  const overlays = await overlaysOf(db, channel, at)
  const shows = overlays.filter(({ pieces }) => pieces.some(({ of, hidden }) => of === 'raffle' && !hidden))
  return onCopy(channels.pool, channel, async (client, world) => {
    world.begin({ key: 'outlook', at })
    const checked = checkRaffle(world, settings)
    const outlook = outlookOf(settings, await hereNow(client, channel, world, settings), at)
    const dear = Math.max(0, settings.mostTickets - freeTickets(settings, [])) * settings.price
    const warned = unfair(outlook)
    return {
      faults: checked.ok ? {} : faultsNow(world, settings, checked.refusal.sentence),
      hints: [...(warned === undefined ? [] : [warned]), ...raffleHints(settings, aroundRaffles(world))],
      here: outlook.here,
      could: outlook.could,
      reasons: outlook.reasons,
      shares: outlook.shares.map((share) => shareInWords(share, circles)),
      priciest: {
        cost: dear,
        watching: dear === 0 ? [] : priceInWatching(readSetting(world, earningSetting), circles, dear),
      },
      checks: [
        ...wordChecks(world, settings, chat),
        onAirCheck(world, settings),
        overlayCheck(shows.length, shows.filter(({ connected }) => connected).length),
      ],
    }
  })
}

function wordChecks(world: World, settings: RaffleSettings, chat: ChatState): Check[] {
  if (!settings.byWord) return []
  const looks = new Set(wordsOf(settings).map(lookAlike))
  const other = runningRaffles(world).find(
    (one) => one.status === 'open' && wordsOf(one.settings).some((word) => looks.has(lookAlike(word))),
  )
  const { word } = settings.word
  const free: Check =
    other === undefined
      ? { ok: true, sentence: `!${word} is free.` }
      : {
          ok: false,
          sentence: `!${word} belongs to “${other.settings.title}”, which is open.`,
          fix: { page: `/raffles/${other.id}`, label: 'See that raffle' },
        }
  const heard: Check =
    chat.status === 'connected'
      ? { ok: true, sentence: 'Chat is connected.' }
      : {
          ok: false,
          sentence: 'Chat is not connected: nobody would be heard.',
          fix: { page: '/connections', label: 'See the connection' },
        }
  return [free, heard]
}

function onAirCheck(world: World, { thisShow }: RaffleSettings): Check {
  const onAir = showOnAir(world) !== undefined
  if (onAir) return { ok: true, sentence: 'The show is on air.' }
  return thisShow
    ? { ok: false, sentence: 'It belongs to a show, and you are off air.', fix: { page: '/', label: 'Go on air' } }
    : { ok: true, sentence: 'We are off air; it runs all the same.' }
}

function overlayCheck(pieces: number, connected: number): Check {
  const fix = { page: '/screen', label: 'Open Screen' }
  if (pieces === 0) return { ok: false, sentence: 'No overlay has a raffle piece: nobody sees it on stream.', fix }
  if (connected === 0) return { ok: false, sentence: 'The overlay that shows raffles is not connected.', fix }
  return { ok: true, sentence: `${digits(connected)} ${connected === 1 ? 'overlay shows' : 'overlays show'} it.` }
}
