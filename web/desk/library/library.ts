import { queryOptions, useQuery } from '@tanstack/react-query'
import type { MediaKind } from '#core/screen'
import type { Answer } from '../../parts/api/called.ts'
import { answerOf, api, upload } from '../../parts/api.ts'
import { keyOf } from '../../parts/queryKey.ts'

/** A file of the library, and where it is used, in words. */
export type MediaFile = Answer<'/desk/screen'>['media'][number]

export type OverlayShown = Answer<'/desk/screen'>['overlays'][number]

export type AlertShown = Answer<'/desk/screen'>['alerts'][number]

/** Overlays, alerts and the library. */
export type ScreenView = Answer<'/desk/screen'>

export const screenQuery = queryOptions({
  queryKey: keyOf('screen'),
  queryFn: ({ signal }) => answerOf(api.GET('/desk/screen', { signal })),
  // Whether an overlay is connected is no fact of the channel.
  refetchInterval: 5000,
})

/** The library's files of some kinds; none while they are not known. */
export const useMedia = (kinds: readonly MediaKind[]): readonly MediaFile[] =>
  (useQuery(screenQuery).data?.media ?? []).filter(({ kind }) => kinds.includes(kind))

/** Part of a picture, in ten-thousandths of its width and height. */
export interface Crop {
  readonly x: number
  readonly y: number
  readonly w: number
  readonly h: number
}

/** Puts a file into the library. @returns Its name there. */
export async function putIntoLibrary(
  file: Blob,
  name: string,
  crop: Crop | undefined,
  told: (part: number) => void,
): Promise<string> {
  const asked = new URLSearchParams({ name })
  if (crop !== undefined) asked.set('crop', [crop.x, crop.y, crop.w, crop.h].join(','))
  return (await upload<{ file: string }>(`/desk/media?${asked}`, file, told)).file
}

const megabytes = (bytes: number): string =>
  bytes >= 1024 ** 3 ? `${(bytes / 1024 ** 3).toFixed(1)} GB` : `${(bytes / 1024 / 1024).toFixed(1)} MB`

/** "1.4 MB", "320 KB", "0 KB" of nothing. */
export const sizeText = (bytes: number): string =>
  bytes === 0 ? '0 KB' : bytes < 1024 * 1024 ? `${Math.max(1, Math.round(bytes / 1024))} KB` : megabytes(bytes)

/** Why a file cannot be taken by its size, with what would fit; undefined: it can. @param seconds - How long it plays, if it does. */
export function tooLarge(bytes: number, most: number, seconds?: number): string | undefined {
  if (bytes <= most) return undefined
  const part = most / bytes
  const fits =
    seconds === undefined
      ? `saved at ${Math.floor(part * 100)} % of its size or less`
      : `cut to about ${Math.max(1, Math.floor(seconds * part))} s of its ${Math.round(seconds)} s, or saved at a lower quality,`
  return `This file has ${megabytes(bytes)}; ${megabytes(most)} is the most. It would fit ${fits} as another file.`.replace(
    ', as',
    ' as',
  )
}
