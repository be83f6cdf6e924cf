import type { UnixSeconds } from '../schema.ts'
import { defineTable, noId, ok, type Result, refuse, type World } from '../world/index.ts'
import { fileOf, type MediaKind } from './files.ts'

/** A file of the library. Its bytes are kept elsewhere, by the same name: the first 32 digits of their SHA-256, and an ending. */
export interface MediaRow {
  readonly file: string
  readonly name: string
  readonly kind: MediaKind
  readonly bytes: number
  readonly width: number | null
  readonly height: number | null
  /** How long it plays; null: it does not. */
  readonly ms: number | null
  readonly addedAt: UnixSeconds
  readonly goneAt: UnixSeconds | null
}

/** Files that are gone are loaded, too: the same file may come back. */
export const media = defineTable<MediaRow>('media', 'whole', (row) => row.file, [], noId)

/** Whether what a reference names is there. */
export function checkRef(world: World, ref: string | null): Result<true> {
  const file = ref === null ? undefined : fileOf(ref)
  const row = file === undefined ? undefined : world.get(media, file)
  if (file === undefined || (row !== undefined && row.goneAt === null)) return ok(true)
  return refuse('media_not_found', 'The picture or sound it uses is no longer in the library. Choose another one.')
}
