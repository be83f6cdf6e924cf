import { alertOf, alerts, kindOf, type MediaRow, media } from '../screen/index.ts'
import { type Handler, ok, refuse } from '../world/index.ts'
import { usersIn, usesInWords, usesOfAlert, usesOfMedia } from './uses.ts'

const GONE = 'This file no longer exists. Reload the page.'

export interface AddMedia {
  readonly kind: 'media.add'
  readonly file: Omit<MediaRow, 'addedAt' | 'goneAt' | 'kind'>
}

/** Puts a file into the library whose bytes are kept already. One that was there before is there again, under its new name. */
export const addMedia = {
  decide(world, { file }) {
    const kind = kindOf(file.file)
    if (kind === undefined) return refuse('media_not_found', 'This is not a picture, sound or video.')
    const known = world.get(media, file.file)
    const row = world.put(media, known?.goneAt === null ? known : { ...file, kind, addedAt: world.at, goneAt: null })
    world.fact('screen.media', 'desk', { file: row.file })
    return ok({ file: row.file, known: known?.goneAt === null })
  },
} satisfies Handler<AddMedia>

export interface RenameMedia {
  readonly kind: 'media.rename'
  readonly file: string
  readonly name: string
}

export const renameMedia = {
  decide(world, { file, name }) {
    const row = world.get(media, file)
    if (row === undefined || row.goneAt !== null) return refuse('media_not_found', GONE)
    world.put(media, { ...row, name: name.trim() })
    world.fact('screen.media', 'desk', { file })
    return ok({ file })
  },
} satisfies Handler<RenameMedia>

export interface RemoveMedia {
  readonly kind: 'media.remove'
  readonly file: string
}

/** Takes a file out of the library, unless something uses it. */
export const removeMedia = {
  decide(world, { file }) {
    const row = world.get(media, file)
    if (row === undefined || row.goneAt !== null) return refuse('media_not_found', GONE)
    const uses = usesOfMedia(usersIn(world), `media/${file}`)
    if (uses.length > 0)
      return refuse('media_used', `“${row.name}” is used by ${usesInWords(uses)}. Choose something else there first.`)
    world.put(media, { ...row, goneAt: world.at })
    world.fact('screen.media', 'desk', { file })
    return ok({})
  },
} satisfies Handler<RemoveMedia>

export interface RemoveAlert {
  readonly kind: 'alert.remove'
  readonly alert: number
}

/** Takes an alert away, unless something shows it. */
export const removeAlert = {
  decide(world, { alert: id }) {
    const row = alertOf(world, id)
    if (row === undefined) return refuse('alert_not_found', 'This alert no longer exists. Reload the page.')
    const uses = usesOfAlert(usersIn(world), id)
    if (uses.length > 0)
      return refuse(
        'alert_used',
        `“${row.settings.name}” is shown by ${usesInWords(uses)}. Choose another one there first.`,
      )
    world.put(alerts, { ...row, goneAt: world.at })
    world.fact('screen.changed', 'desk', { alert: id })
    return ok({})
  },
} satisfies Handler<RemoveAlert>
