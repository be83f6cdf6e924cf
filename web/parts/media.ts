import { fileOf, kindOf } from '#core/screen'

/** Where a picture, sound or video is loaded from. @param base - "/media/<channel>". */
export function mediaAddress(ref: string, base: string): string {
  const file = fileOf(ref)
  return file === undefined ? `/pictures/${ref}.svg` : `${base}/${file}`
}

/** The small picture of a file of the library; of our own drawings they themselves. */
export const smallAddress = (ref: string, base: string): string =>
  fileOf(ref) === undefined ? `/pictures/${ref}.svg` : `${mediaAddress(ref, base)}?small`

export const isVideo = (ref: string): boolean => kindOf(ref) === 'video'

/** Where a channel's files are. */
export const mediaBase = (slug: string): string => `/media/${slug}`
