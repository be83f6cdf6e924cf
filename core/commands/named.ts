import { likeNamed, namedKey, needList } from '../lists/index.ts'
import { findViewer, needPerson, needViewer, type ViewerRow, viewers, watches } from '../people/index.ts'
import { type Need, needKey, needLookup, ok, type Result, refuse, type World } from '../world/index.ts'

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

/** What finding somebody by a typed name needs: by account, else by what chat calls them, else by a name like it. */
export function needNamed(world: World, typed: string): Need[] {
  const name = typedName(typed)
  if (!canBeName(name)) return []
  const wanted = [...needViewer(world, name), needLookup(viewers, 'handle', name)]
  if (!wanted.every((need) => world.rows.has(need))) return wanted
  const exact = exactly(world, name)
  if (exact !== undefined) return [...wanted, ...needAbout(exact.id)]
  wanted.push(needList(namedKey(name)))
  const like = wanted.every((need) => world.rows.has(need)) ? likeNamed(world, name) : []
  return [...wanted, ...like.flatMap(({ id }) => needAbout(id))]
}

const needAbout = (id: number): Need[] => [...needPerson(id), needKey(watches, id)]

const exactly = (world: World, name: string): ViewerRow | undefined =>
  findViewer(world, name) ?? world.find(viewers, 'handle', name)

/**
 * Somebody by a typed name, with or without "@": by account or chat name, else by a nickname or a name that looks the same.
 * Refused where nobody is meant, or more than one could be. Needs `needNamed`.
 */
export function findNamed(world: World, typed: string): Result<ViewerRow> {
  const name = typedName(typed)
  const shown = typed.slice(0, 40)
  const exact = canBeName(name) ? exactly(world, name) : undefined
  if (exact !== undefined) return ok(exact)
  const like = canBeName(name) ? likeNamed(world, name) : []
  const [first, second] = like
  const found = first && world.get(viewers, first.id)
  if (found !== undefined && second === undefined) return ok(found)
  if (first === undefined) return refuse('name_unknown', `nobody here goes by "${shown}".`)
  const names = like.slice(0, 4).map((one) => one.name)
  return refuse('name_unsure', `"${shown}" could be ${names.join(' or ')}. Type the name as it is written.`)
}
