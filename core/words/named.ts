import { likeNamed, namedKey, needList } from '../lists/index.ts'
import {
  type AccountKey,
  chatRef,
  findViewer,
  keyOf,
  NICK,
  needPerson,
  needViewer,
  type ViewerRow,
  viewers,
  watches,
} from '../people/index.ts'
import { type Need, needKey, ok, type Result, refuse, type World } from '../world/index.ts'

/** A name as typed to mean somebody: "@Pia," -> "pia". */
export const typedName = (text: string): string =>
  text
    .replace(/^@+/, '')
    .replace(/[,:;]+$/, '')
    .normalize('NFC')
    .toLowerCase()

/** Controls and half letters are in no name. */
const UNNAMEABLE = /[\p{Cc}\ud800-\udfff]/u

/** Whether a word of a line can be somebody's name at all. */
const canBeName = (text: string): boolean => text.length > 0 && text.length <= 100 && !UNNAMEABLE.test(text)

/** A person by their number, "#12": the one name that nobody can give themselves. */
function numberIn(name: string): number | undefined {
  const id = /^#([1-9]\d{0,14})$/.exec(name)?.[1]
  return id === undefined ? undefined : Number(id)
}

/** The accounts that a typed name can be: of the chat network, or a bare nick where the network tells none. */
const accountsCalled = (world: World, name: string): AccountKey[] => [
  keyOf(chatRef(world, name)),
  keyOf({ issuer: NICK, account: name }),
]

/** What finding somebody by a typed name needs: by account, and everybody who is shown by such a name. */
export function needNamed(world: World, typed: string): Need[] {
  const name = typedName(typed)
  if (!canBeName(name)) return []
  const id = numberIn(name)
  if (id !== undefined) return needAbout(id)
  const wanted = [...accountsCalled(world, name).flatMap((key) => needViewer(world, key)), needList(namedKey(name))]
  if (!wanted.every((need) => world.rows.has(need))) return wanted
  return [...wanted, ...candidates(world, name).flatMap(needAbout)]
}

const needAbout = (id: number): Need[] => [...needPerson(id), needKey(watches, id)]

/** Everybody whom a typed name could mean, each once: by account, or by a name that is or looks the same. */
function candidates(world: World, name: string): number[] {
  const byAccount = accountsCalled(world, name).flatMap((key) => findViewer(world, key)?.id ?? [])
  return [...new Set([...byAccount, ...likeNamed(world, name).map(({ id }) => id)])]
}

/** Whether a name is somebody's exactly, not one that only looks like it. */
const isExactly = (world: World, viewer: ViewerRow, name: string): boolean =>
  [viewer.handle, viewer.name.toLowerCase()].includes(name) ||
  accountsCalled(world, name).some((key) => findViewer(world, key)?.id === viewer.id)

/**
 * Somebody by a typed name, with or without "@": by account, by the name shown, by one that looks the same, or by their
 * number ("#12"). Names can be chosen freely, so where more than one person could be meant it is refused: nothing may
 * reach the wrong one. Needs `needNamed`.
 */
export function findNamed(world: World, typed: string): Result<ViewerRow> {
  const name = typedName(typed)
  const shown = typed.slice(0, 40)
  const id = numberIn(name)
  const ids = id !== undefined ? [id] : canBeName(name) ? candidates(world, name) : []
  const like = ids.flatMap((one) => {
    const viewer = world.get(viewers, one)
    return viewer === undefined || viewer.mergedInto !== null ? [] : [viewer]
  })
  const exact = like.filter((viewer) => isExactly(world, viewer, name))
  const meant = id === undefined && exact.length > 0 ? exact : like
  const [first, second] = meant
  if (first === undefined) return refuse('name_unknown', `nobody here is called "${shown}".`)
  if (second === undefined) return ok(first)
  return refuse('name_unsure', `"${shown}" could be ${inWords(meant)}. Type @#${first.id} for the first.`)
}

const NAMED = 3

/** "pia (#12, account pia_ohm) or pia (#31, no account)". */
const inWords = (people: readonly ViewerRow[]): string =>
  people
    .slice(0, NAMED)
    .map(
      ({ id, name, issuer, account }) => `${name} (#${id}, ${issuer === NICK ? 'no account' : `account ${account}`})`,
    )
    .join(' or ')
