import { whoInWords, whyNotFor } from '#core/access'
import { earningSetting } from '#core/earning'
import { economySetting, zoneSetting } from '#core/settings'
import {
  type Buying,
  changesAt,
  codesLeft,
  leftOf,
  limitsInWords,
  NO_SALES,
  nowAt,
  type RewardRow,
  whyNot,
} from '#core/store'
import { wordsSetting } from '#core/words'
import { accessWorld, whoNames } from '../access/index.ts'
import { anyBet } from '../bets/index.ts'
import type { ChannelHead, Channels } from '../channels.ts'
import type { Reader } from '../database/index.ts'
import { anyGameOn } from '../games/index.ts'
import { anyGoal } from '../goals/index.ts'
import type { Call } from '../http/index.ts'
import { viewerByAccount } from '../people/index.ts'
import { anyRaffle } from '../raffles/index.ts'
import { circlesOf } from '../ranks/index.ts'
import { currencyOf, settingOf } from '../settings/index.ts'
import { lastSeqOf, latestShowOf, openShowOf } from '../show/index.ts'
import { talliesOf, talliesOfViewer } from '../tallies/index.ts'
import { codeListsOf, rewardsOf, soldBy } from './read.ts'

type Known = Awaited<ReturnType<typeof viewerByAccount>>

/** The period that limits "per show" count in, as the rules have it (`limitPeriod`). */
export async function periodOf(db: Reader, channel: number): Promise<number> {
  const last = await latestShowOf(db, channel)
  return last === undefined || last.status === 'on' ? (last?.id ?? 0) : -last.id
}

/** What decides about buying, for everybody, or for one viewer. */
async function buyingBy(db: Reader, channels: Channels, channel: number, rewards: readonly RewardRow[], known: Known) {
  const at = channels.clock()
  const { timeZone } = await settingOf(db, channel, zoneSetting)
  const all = await soldBy(db, channel, rewards, null)
  const own = known === undefined ? undefined : await soldBy(db, channel, rewards, known.id)
  const lists = await codeListsOf(db, channel)
  const world = await accessWorld(db, channel, at)
  const now = nowAt(at, timeZone, await periodOf(db, channel))
  const onAir = (await openShowOf(db, channel))?.status === 'on'
  const buying = ({ id, settings }: RewardRow): Buying => ({
    at,
    timeZone,
    onAir,
    now,
    all: all(id),
    own: own?.(id) ?? { key: '', ...NO_SALES },
    barred: known && whyNotFor(world, settings.who, known, settings.name),
    watched: known === undefined ? Number.MAX_SAFE_INTEGER : known.watchedSeconds,
    codes: codesLeft(lists(id)),
  })
  return new Map(rewards.map((reward) => [reward.id, buying(reward)]))
}

/** How many rewards anybody could buy now, if they had the price. */
export async function buyableNow(db: Reader, channels: Channels, channel: number): Promise<number> {
  const rewards = (await rewardsOf(db, channel)).filter(({ settings }) => settings.on && settings.secret === '')
  const buying = await buyingBy(db, channels, channel, rewards, undefined)
  return rewards.filter(({ id, settings }) => {
    const facts = buying.get(id)
    return facts !== undefined && whyNot(settings, facts) === undefined
  }).length
}

/** The store as viewers see it: what is for sale, how many are left, and why somebody may not buy it now. */
export async function shelfFor(db: Reader, channels: Channels, { channel, caller }: Call<unknown>) {
  const known = caller.account === '' ? undefined : await viewerByAccount(db, channel.id, caller.account)
  const rewards = (await rewardsOf(db, channel.id)).filter(({ settings }) => settings.on)
  const buying = await buyingBy(db, channels, channel.id, rewards, known)
  const names = await whoNames(db, channel.id, rewards)
  const tally = await tallyCosts(db, channel.id, known)
  const shown = rewards.flatMap((reward) => {
    const facts = buying.get(reward.id)
    const { secret, who } = reward.settings
    if (facts === undefined || (secret !== '' && !facts.own.unlocked)) return []
    return [{ ...shownAs(reward, facts, whoInWords(who, names)), tally: tally(reward) }]
  })
  const show = await openShowOf(db, channel.id)
  const changes = rewards.flatMap((reward) => {
    const facts = buying.get(reward.id)
    return (facts && changesAt(reward.settings, facts)) ?? []
  })
  return {
    at: channels.clock(),
    changesAt: changes.length === 0 ? null : Math.min(...changes),
    seq: await lastSeqOf(db, channel.id),
    slug: channel.slug,
    ...(await stateOf(db, channel)),
    currency: await currencyOf(db, channel.id),
    plan: await settingOf(db, channel.id, earningSetting),
    circles: (await circlesOf(db, channel.id)).map(({ id, name }) => ({ id, name })),
    words: await wordsFor(db, channel.id),
    show: show?.status === 'on' ? { title: show.title, startedAt: show.startedAt } : null,
    rewards: shown,
    secrets: rewards.some(({ settings }) => settings.secret !== ''),
    games: await anyGameOn(db, channel.id),
    raffles: await anyRaffle(db, channel.id),
    bets: await anyBet(db, channel.id),
    goals: await anyGoal(db, channel.id),
    signedIn: caller.account === '' ? null : caller.name,
  }
}

/** What a reward costs of a tally, and what somebody has of it. */
async function tallyCosts(db: Reader, channel: number, known: Known) {
  const all = await talliesOf(db, channel)
  const own = known === undefined ? [] : await talliesOfViewer(db, channel, known.id)
  return ({ settings: { tally: cost } }: RewardRow) => {
    const row = cost === null ? undefined : all.find(({ id }) => id === cost.tally)
    if (cost === null || row === undefined) return null
    const has = known === undefined ? null : (own.find(({ id }) => id === cost.tally)?.total ?? 0)
    return { one: row.one, many: row.many, count: cost.count, has }
  }
}

async function stateOf(db: Reader, { id, name, pausedBy }: ChannelHead) {
  return { name, paused: pausedBy !== null, economy: (await settingOf(db, id, economySetting)).on }
}

async function wordsFor(db: Reader, channel: number) {
  const { here, get } = await settingOf(db, channel, wordsSetting)
  return { here: here.word, get: get.word }
}

function shownAs({ id, settings }: RewardRow, facts: Buying, who: string) {
  const { word, command, name, description, group, price, kind, picture, asks, confirm, post, perk } = settings
  const refusal = whyNot(settings, facts)
  const until = refusal?.data?.until
  return {
    id,
    word,
    command,
    name,
    description,
    group,
    price,
    kind,
    picture,
    asks,
    confirm,
    post: post === null ? null : post.days,
    lasts: perk?.seconds ?? null,
    left: leftOf(settings, facts.all, facts.now, facts.codes),
    limits: limitsInWords(settings, who, facts.timeZone),
    why:
      refusal === undefined
        ? null
        : { code: refusal.code, sentence: refusal.sentence, until: typeof until === 'number' ? until : null },
  }
}
