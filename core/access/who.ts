import {
  holds,
  type Standing,
  type StandingFacts,
  standingName,
  standingsOf,
  type ViewerRow,
  watchOf,
} from '../people/index.ts'
import { rankFrom } from '../ranks/index.ts'
import type { Fixed, Seconds } from '../schema.ts'
import { homeSetting, readSetting } from '../settings/index.ts'
import type { World } from '../world/index.ts'
import { askedInWords, lackOf } from './requirements.ts'
import type { Who } from './schema.ts'

export const EVERYONE_MAY: Who = { everyone: true, streamer: false, standings: [], rank: null, people: [] }

/** Somebody as far as who may use something asks. @param watchedSeconds - Left out: as the world has it. */
type Subject = Pick<ViewerRow, 'id' | 'accountKey' | 'rank' | 'firstSeenAt' | 'accountMadeAt'> &
  StandingFacts & { readonly watchedSeconds?: Seconds }

/** Whether somebody is one of those who may, and has all that is asked of them. */
export const mayUse = (world: World, who: Fixed<Who>, viewer: Subject): boolean =>
  isOneOf(world, who, viewer) && lackIn(world, who, viewer) === undefined

/** Why somebody may not use something, as a sentence; undefined: they may. @param subject - What it is: "!lamp", "This goal". */
export function whyNotFor(world: World, who: Fixed<Who>, viewer: Subject, subject: string): string | undefined {
  if (!isOneOf(world, who, viewer)) return `${subject} is not open to you here.`
  const lack = lackIn(world, who, viewer)
  return lack && `${subject} is not open to you yet. ${lack}`
}

/** Whether everybody may, also who was never here. */
export const openToAll = (who: Fixed<Who>): boolean => who.everyone && askedInWords(who.asks) === ''

const lackIn = (world: World, { asks }: Fixed<Who>, viewer: Subject): string | undefined =>
  lackOf(
    asks,
    () => ({ ...viewer, watchedSeconds: viewer.watchedSeconds ?? watchOf(world, viewer.id).watchedSeconds }),
    world.at,
  )

function isOneOf(world: World, who: Fixed<Who>, viewer: Subject): boolean {
  if (who.everyone || who.people.includes(viewer.id)) return true
  if (who.streamer && isOwner(world, viewer)) return true
  const held = standingsOf(viewer, world.at)
  return who.standings.some((one) => holds(held, one)) || (who.rank !== null && rankFrom(world, viewer, who.rank))
}

/** Whether somebody is the streamer: by the account that they sign in with, or by another that was linked to it. */
function isOwner(world: World, { id, accountKey }: Pick<ViewerRow, 'id' | 'accountKey'>): boolean {
  const { owner, viewer } = readSetting(world, homeSetting)
  return accountKey === owner || id === viewer
}

export const isNobody = ({ everyone, streamer, standings, rank, people }: Fixed<Who>): boolean =>
  !everyone && !streamer && standings.length === 0 && rank === null && people.length === 0

/** What those who may are called. */
export interface WhoNames {
  readonly circles: readonly { readonly id: number; readonly name: string }[]
  readonly ranks: readonly { readonly id: number; readonly name: string }[]
  /** Names of people by id. */
  readonly people: Readonly<Record<number, string>>
}

const PLURAL: Readonly<Record<string, string>> = {
  follower: 'followers',
  subscriber: 'subscribers',
  linked: 'viewers with a linked account',
  tier1: 'subscribers of tier 1',
  tier2: 'subscribers of tier 2',
  tier3: 'subscribers of tier 3',
  moderator: 'moderators',
}

const inPlural = (standing: Standing, names: WhoNames): string =>
  PLURAL[standing] ?? `the circle ${standingName(standing, names.circles)}`

/** "everyone", "followers, moderators and pia", "nobody", "everyone (5 h watched)". */
export function whoInWords(who: Fixed<Who>, names: WhoNames): string {
  const asked = askedInWords(who.asks)
  return asked === '' ? namesInWords(who, names) : `${namesInWords(who, names)} (${asked})`
}

function namesInWords(who: Fixed<Who>, names: WhoNames): string {
  if (who.everyone) return 'everyone'
  const rank = who.rank === null ? undefined : names.ranks.find(({ id }) => id === who.rank)?.name
  const parts = [
    ...who.standings.map((one) => inPlural(one, names)),
    ...(who.rank === null ? [] : [`${rank ?? 'a removed rank'} and above`]),
    ...(who.streamer ? ['the streamer'] : []),
    ...who.people.map((id) => names.people[id] ?? 'a removed viewer'),
  ]
  if (parts.length < 2) return parts[0] ?? 'nobody'
  return `${parts.slice(0, -1).join(', ')} and ${parts.at(-1)}`
}
