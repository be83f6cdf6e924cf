import { findViewer, needPerson, needViewer, type ViewerRow, viewers, watches } from '../people/index.ts'
import { type Need, needKey, needLookup, type World } from '../world/index.ts'

/** A name as typed to mean somebody: "@Pia," -> "pia". */
export const typedName = (text: string): string =>
  text
    .replace(/^@+/, '')
    .replace(/[,:;]+$/, '')
    .normalize('NFC')
    .toLowerCase()

/** Whether a word of a line can be somebody's name at all. */
const canBeName = (text: string): boolean => text.length > 0 && text.length <= 100

/** What finding somebody by a typed name needs: by account, else by what chat calls them. */
export function needNamed(world: World, typed: string): Need[] {
  const name = typedName(typed)
  if (!canBeName(name)) return []
  const wanted = [...needViewer(world, name), needLookup(viewers, 'handle', name)]
  if (!wanted.every((need) => world.rows.has(need))) return wanted
  const found = findNamed(world, typed)
  return found === undefined ? wanted : [...wanted, ...needPerson(found.id), needKey(watches, found.id)]
}

/** Somebody by a typed name, with or without "@". Needs `needNamed`. */
export function findNamed(world: World, typed: string): ViewerRow | undefined {
  const name = typedName(typed)
  if (!canBeName(name)) return undefined
  const byAccount = findViewer(world, name)
  return byAccount ?? world.find(viewers, 'handle', name)
}
