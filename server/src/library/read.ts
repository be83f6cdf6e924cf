import { createHash } from 'node:crypto'
import { fileTypeFromBuffer } from 'file-type'
import { parseBuffer } from 'music-metadata'
import sharp from 'sharp'
import type { MediaKind } from '#core/screen'
import { type ApiErrorCode, problem } from '../http/index.ts'
import { withoutMetadata } from './strip.ts'

/** The largest file that is taken (bytes). */
export const MOST_BYTES = 25 * 1024 * 1024

/** A file as it is kept: its bytes made ready, and what is told of it. */
export interface Ready {
  readonly file: string
  readonly type: string
  readonly content: Buffer
  readonly thumb: Buffer | null
  readonly width: number | null
  readonly height: number | null
  readonly ms: number | null
}

/** The part of a picture that is wanted, in ten-thousandths of its width and height from the top left. */
export interface Crop {
  readonly x: number
  readonly y: number
  readonly w: number
  readonly h: number
}

interface Known {
  readonly kind: MediaKind
  readonly ending: string
  readonly type: string
}

/** What is taken, by the type that the content shows. */
const TAKEN: Readonly<Record<string, Known>> = {
  'image/png': { kind: 'picture', ending: 'webp', type: 'image/webp' },
  'image/apng': { kind: 'picture', ending: 'webp', type: 'image/webp' },
  'image/jpeg': { kind: 'picture', ending: 'webp', type: 'image/webp' },
  'image/webp': { kind: 'picture', ending: 'webp', type: 'image/webp' },
  'image/gif': { kind: 'picture', ending: 'webp', type: 'image/webp' },
  'audio/mpeg': { kind: 'sound', ending: 'mp3', type: 'audio/mpeg' },
  'audio/ogg': { kind: 'sound', ending: 'ogg', type: 'audio/ogg' },
  'audio/wav': { kind: 'sound', ending: 'wav', type: 'audio/wav' },
  'video/mp4': { kind: 'video', ending: 'mp4', type: 'video/mp4' },
  'video/webm': { kind: 'video', ending: 'webm', type: 'video/webm' },
}

const megabytes = (bytes: number): string => `${(bytes / 1024 / 1024).toFixed(1)} MB`

/** What is said of a file that is too large. @param bytes - 0: not known. */
export const tooLargeSentence = (bytes: number): string =>
  `${bytes > 0 ? `This file has ${megabytes(bytes)}; ` : 'This file is too large: '}${megabytes(MOST_BYTES)} is the most. ${
    bytes > 0
      ? `Save it at ${Math.max(1, Math.floor((MOST_BYTES / bytes) * 100))} % of its size or less: a shorter cut, a smaller picture, a lower quality.`
      : ''
  }`.trim()

/**
 * Makes a file ready to be kept: looks at its content, not its name; crops and scales pictures and writes them anew, so that
 * nothing hidden in them is kept; finds out how long sounds and videos play, and takes
 * out what they tell of their making.
 * @throws `media_*` problems that say what to do.
 */
export async function readUpload(bytes: Buffer, crop: Crop | undefined): Promise<Ready> {
  if (bytes.length === 0) throw problem('media_empty')
  if (bytes.length > MOST_BYTES) throw problem('too_large', tooLargeSentence(bytes.length))
  const found = await fileTypeFromBuffer(bytes)
  const type = found?.mime.split(';')[0] ?? ''
  const known = TAKEN[type]
  if (known === undefined) throw problem('media_refused', refusedSentence(bytes, found?.ext))
  return known.kind === 'picture' ? picture(bytes, crop) : playing(bytes, known)
}

function refusedSentence(bytes: Buffer, ending: string | undefined): string {
  const text = bytes.subarray(0, 2000).toString('utf8')
  if (/<svg[\s>]/i.test(text)) return 'SVG pictures can carry programs, so none is taken. Save it as PNG or WebP.'
  const is =
    ending === undefined
      ? 'This file is of no kind that we know'
      : `By its content this is a file of the kind "${ending}"`
  return `${is}. Take a PNG, JPEG, WebP or GIF picture, an MP3, OGG or WAV sound, or an MP4 or WebM video.`
}

/** More points than this, all frames together, are no picture for a stream but a trap. */
const MOST_POINTS = 120_000_000
const MOST_FRAMES = 600
const LONGEST_SIDE = 1920
const THUMB_SIDE = 320

async function picture(bytes: Buffer, crop: Crop | undefined): Promise<Ready> {
  const options = { animated: true, limitInputPixels: MOST_POINTS, failOn: 'error' } as const
  const told = await unlessBroken(() => sharp(bytes, options).metadata())
  const frames = told.pages ?? 1
  const [width, height] = [told.width, told.pageHeight ?? told.height]
  if (width * height * frames > MOST_POINTS || frames > MOST_FRAMES) throw problem('media_too_detailed')
  const turned = frames > 1 ? sharp(bytes, options) : sharp(bytes, { ...options, animated: false }).autoOrient()
  const upright = frames === 1 && (told.orientation ?? 1) >= 5 ? { width: height, height: width } : { width, height }
  const cut = crop === undefined ? turned : turned.extract(areaOf(crop, upright))
  const fit = { width: LONGEST_SIDE, height: LONGEST_SIDE, fit: 'inside', withoutEnlargement: true } as const
  const made = await unlessBroken(() =>
    cut.resize(fit).webp({ quality: 88, effort: 3 }).toBuffer({ resolveWithObject: true }),
  )
  const thumb = await sharp(made.data)
    .resize({ width: THUMB_SIDE, height: THUMB_SIDE, fit: 'inside', withoutEnlargement: true })
    .webp({ quality: 80 })
    .toBuffer()
  const size = await sharp(made.data).metadata()
  const content = made.data
  return {
    file: nameOf(content, 'webp'),
    type: 'image/webp',
    content,
    thumb,
    width: size.width,
    height: size.pageHeight ?? size.height,
    ms: null,
  }
}

async function unlessBroken<T>(work: () => Promise<T>): Promise<T> {
  try {
    return await work()
  } catch (fault) {
    const message = (fault as Error).message
    const code: ApiErrorCode = /pixel limit/i.test(message) ? 'media_too_detailed' : 'media_broken'
    throw problem(code)
  }
}

function areaOf({ x, y, w, h }: Crop, { width, height }: { width: number; height: number }) {
  const left = Math.min(width - 1, Math.floor((x * width) / 10_000))
  const top = Math.min(height - 1, Math.floor((y * height) / 10_000))
  return {
    left,
    top,
    width: Math.max(1, Math.min(width - left, Math.round((w * width) / 10_000))),
    height: Math.max(1, Math.min(height - top, Math.round((h * height) / 10_000))),
  }
}

/** Sounds and videos are short: they play over a show. */
const MOST_MS = { sound: 120_000, video: 120_000 } as const

async function playing(bytes: Buffer, { kind, ending, type }: Known): Promise<Ready> {
  const { format } = await unlessBroken(() =>
    parseBuffer(bytes, { mimeType: type, size: bytes.length }, { duration: true }),
  )
  const ms = Math.round((format.duration ?? 0) * 1000)
  if (!(ms > 0) || (kind === 'video' && format.hasVideo === false)) throw problem('media_broken')
  const most = MOST_MS[kind as 'sound' | 'video']
  if (ms > most)
    throw problem(
      'media_too_long',
      `It plays for ${Math.round(ms / 1000)} s; ${most / 1000} s is the most. Cut it shorter.`,
    )
  const video = format.trackInfo?.find((track) => track.video !== undefined)?.video
  const content = withoutMetadata(bytes, ending)
  return {
    file: nameOf(content, ending),
    type,
    content,
    thumb: null,
    width: video?.pixelWidth ?? null,
    height: video?.pixelHeight ?? null,
    ms,
  }
}

/** A file is known by its content: the same file is kept once. */
const nameOf = (content: Buffer, ending: string): string =>
  `${createHash('sha256').update(content).digest('hex').slice(0, 32)}.${ending}`
