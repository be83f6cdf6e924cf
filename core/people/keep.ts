import type { UnixSeconds, ViewerId } from '../schema.ts'
import { defineTable, type Handler, needKey, ok, refuse, type World } from '../world/index.ts'
import { type AccountKey, chatRef, keyOf } from './account.ts'
import { shownName } from './names.ts'
import { aliases, findViewer, meet, namesOf, needPerson, type ViewerRow, viewers } from './viewers.ts'
import { watches, watchOf } from './watch.ts'

export interface KeepPerson {
  readonly kind: 'people.keep'
  readonly viewer: ViewerId
  /** What to change; what is left out stays. An empty nickname takes it away. */
  readonly nickname?: string
  readonly follower?: boolean
  /** 0: no subscriber. One set by hand holds until it is taken away, or the platform tells of another. */
  readonly tier?: number
  readonly unlisted?: boolean
}

const UNKNOWN = 'This person is no longer known here. Reload the page.'

/** Changes what the team keeps of a person. */
export const keepPerson = {
  decide(world, { viewer: id, nickname, follower, tier, unlisted }) {
    const viewer = world.get(viewers, id)
    if (viewer === undefined || viewer.mergedInto !== null) return refuse('viewer_not_found', UNKNOWN)
    const named = nickname === undefined ? viewer.nickname : shownName(nickname, '') || null
    const followedAt = follower === undefined ? viewer.followedAt : follower ? (viewer.followedAt ?? world.at) : null
    const changed = { ...viewer, ...namesOf(viewer.chatName, named), followedAt, unlisted: unlisted ?? viewer.unlisted }
    const subscribed = {
      tier: tier ?? viewer.tier,
      subscribedSince: tier ? (viewer.subscribedSince ?? world.at) : viewer.subscribedSince,
      subscribedUntil: tier === undefined ? viewer.subscribedUntil : tier > 0 ? null : world.at,
    }
    world.put(viewers, { ...changed, ...subscribed })
    world.fact('people.changed', 'desk', { viewers: 1 })
    world.fact('me.changed', `viewer:${id}`, {})
    return ok({})
  },
} satisfies Handler<KeepPerson>

export interface IgnorePeople {
  readonly kind: 'people.ignore'
  readonly viewers: readonly number[]
  readonly ignored: boolean
}

/** Has the channel ignore people, or know them again: who is ignored earns nothing, is in no list and never wins. */
export const ignorePeople = {
  needs: (_world, intent) => intent.viewers.flatMap((id) => [...needPerson(id), needKey(watches, id)]),
  decide(world, { viewers: ids, ignored }) {
    let changed = 0
    for (const id of ids) {
      const viewer = world.get(viewers, id)
      if (viewer === undefined || viewer.ignored === ignored) continue
      ignore(world, viewer, ignored)
      changed++
    }
    world.fact('people.changed', 'desk', { viewers: changed })
    return ok({ changed })
  },
} satisfies Handler<IgnorePeople>

/** Has the channel ignore somebody, or know them again. Needs their watch row. */
export function ignore(world: World, viewer: ViewerRow, ignored: boolean): ViewerRow {
  const watch = watchOf(world, viewer.id)
  // What was watched up to now and not paid yet stays with them; it is a part of one interval at most.
  if (viewer.present) world.put(watches, { ...watch, counting: !ignored, countedUntil: world.at })
  return world.put(viewers, { ...viewer, ignored })
}

export interface ArchivePeople {
  readonly kind: 'people.archive'
  readonly viewers: readonly number[]
  readonly archived: boolean
}

/** Puts people aside who have not been seen for long, or takes them back. They keep all they have; coming back is enough. */
export const archivePeople = {
  needs: (_world, intent) => intent.viewers.flatMap((id) => [...needPerson(id), needKey(watches, id)]),
  decide(world, { viewers: ids, archived }) {
    let changed = 0
    for (const id of ids) {
      const viewer = world.get(viewers, id)
      if (viewer === undefined || viewer.present || (viewer.archivedAt !== null) === archived) continue
      world.put(viewers, { ...viewer, archivedAt: archived ? world.at : null })
      changed++
    }
    world.fact('people.changed', 'desk', { viewers: changed })
    return ok({ changed })
  },
} satisfies Handler<ArchivePeople>

export interface AddPerson {
  readonly kind: 'people.add'
  readonly account: string
  readonly name: string
}

/** Makes somebody known before they ever come, so that they can be given something. */
export const addPerson = {
  decide(world, { account, name }) {
    const ref = chatRef(world, account)
    const known = findViewer(world, keyOf(ref))
    if (known !== undefined) return refuse('viewer_known', `${known.name} is already known here.`)
    const viewer = meet(world, { ...ref, name })
    world.fact('people.changed', 'desk', { viewers: 1 })
    return ok({ viewer: viewer.id })
  },
} satisfies Handler<AddPerson>

/** Something that the team wrote about a person. */
export interface NoteRow {
  readonly id: number
  readonly viewer: ViewerId
  readonly at: UnixSeconds
  readonly by: string
  readonly text: string
  readonly removedAt: UnixSeconds | null
}

export const notes = defineTable<NoteRow>('note', 'keyed', (row) => row.id)

export interface WriteNote {
  readonly kind: 'people.note'
  readonly viewer: ViewerId
  readonly text: string
  readonly by: string
}

export const writeNote = {
  decide(world, { viewer, text, by }) {
    if (world.get(viewers, viewer) === undefined) return refuse('viewer_not_found', UNKNOWN)
    if (text.trim() === '') return refuse('text_missing', 'A note needs some text.')
    const note = world.put(notes, { id: world.nextId(), viewer, at: world.at, by, text: text.trim(), removedAt: null })
    world.fact('people.changed', 'desk', { viewers: 1 })
    return ok({ note: note.id })
  },
} satisfies Handler<WriteNote>

export interface RemoveNote {
  readonly kind: 'people.removeNote'
  readonly note: number
}

export const removeNote = {
  decide(world, intent) {
    const note = world.get(notes, intent.note)
    if (note === undefined || note.removedAt !== null) return refuse('note_not_found', 'This note was already removed.')
    world.put(notes, { ...note, removedAt: world.at })
    world.fact('people.changed', 'desk', { viewers: 1 })
    return ok({})
  },
} satisfies Handler<RemoveNote>

/** Has another account stand for somebody known, from now on. */
export const rememberAlias = (world: World, account: AccountKey, viewer: ViewerId): void => {
  world.put(aliases, { account, viewer })
}
