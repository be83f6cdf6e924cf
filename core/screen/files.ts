// Nothing is imported here: the overlay's page takes these and must stay small.

/** What kinds of media there are, and the endings of their files. */
export const MEDIA = { picture: ['webp'], sound: ['mp3', 'ogg', 'wav'], video: ['mp4', 'webm'] } as const
export type MediaKind = keyof typeof MEDIA

/** The name of a reference's file in the library; undefined for what is our own. */
export const fileOf = (ref: string): string | undefined => (ref.startsWith('media/') ? ref.slice(6) : undefined)

/** What kind of file a reference or a file's name is of. */
export function kindOf(file: string): MediaKind | undefined {
  const ending = file.split('.').at(-1) ?? ''
  const kinds = Object.keys(MEDIA) as MediaKind[]
  return kinds.find((kind) => (MEDIA[kind] as readonly string[]).includes(ending))
}
