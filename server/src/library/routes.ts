import { Type } from '@sinclair/typebox'
import { closed, exactly, Nothing } from '#core/schema'
import { plainText } from '#core/texts'
import type { Channels } from '../channels.ts'
import type { Reader } from '../database/index.ts'
import { answered, desk, problem, type Route, route, text } from '../http/index.ts'
import { ScreenView } from './answers.ts'
import { dropContent, keepContent } from './keep.ts'
import { type Crop, MOST_BYTES, readUpload, tooLargeSentence } from './read.ts'
import { screenView } from './view.ts'

const FILE = /^[0-9a-f]{32}\.[a-z0-9]{3,4}$/

function fileIn(param: (name: string) => string): string {
  const file = param('file')
  if (!FILE.test(file)) throw problem('not_found')
  return file
}

/** "x,y,w,h" in ten-thousandths. @throws for anything else */
function cropOf(text: string | undefined): Crop | undefined {
  if (text === undefined || text === '') return undefined
  const [x, y, w, h] = text.split(',').map((part) => (/^\d{1,5}$/.test(part) ? Number(part) : Number.NaN))
  const fits = x !== undefined && y !== undefined && w !== undefined && h !== undefined
  if (!fits || !(w > 0) || !(h > 0) || !(x + w <= 10_000) || !(y + h <= 10_000)) throw problem('crop_invalid')
  return { x, y, w, h }
}

/** The library: pictures, sounds and videos for the store and the stream. */
export function libraryRoutes(db: Reader, channels: Channels): Route[] {
  return [
    route({
      method: 'get',
      path: '/desk/screen',
      does: 'Overlays, alerts and the library',
      answer: ScreenView,
      allowed: desk('look', 'screen'),
      handle: async ({ channel }) => screenView(db, channels, channel.id),
    }),
    mediaRoute(channels),
    route({
      method: 'put',
      path: '/desk/media/:file',
      does: 'Rename a file of the library',
      answer: exactly({ file: Type.String() }),
      allowed: desk('change', 'screen'),
      body: Type.Object({ name: Type.String({ minLength: 1, maxLength: 80, pattern: '\\S' }) }, closed),
      handle: async ({ channel, key, param, body }) =>
        answered(
          await channels.submit(channel.id, key, { kind: 'media.rename', file: fileIn(param), name: body.name }),
        ),
    }),
    mediaRemoveRoute(channels),
  ]
}

const mediaRoute = (channels: Channels): Route =>
  route({
    method: 'post',
    path: '/desk/media',
    does: 'Put a file into the library: its bytes as the body, pictures cropped as asked',
    answer: exactly({ file: Type.String(), known: Type.Boolean() }),
    asks: {
      name: text('What it is called.', 200),
      crop: text('The part of a picture to take, “x,y,w,h” in ten-thousandths.', 40),
    },
    allowed: desk('change', 'screen'),
    raw: true,
    largest: MOST_BYTES,
    tooLarge: tooLargeSentence,
    handle: async ({ channel, key, asked, bytes }) => {
      const crop = cropOf(asked.crop)
      const ready = await readUpload(await bytes(), crop)
      await keepContent(channels.pool, channel.id, channels.clock(), ready)
      const name = [...plainText(asked.name ?? '')].slice(0, 80).join('') || 'without a name'
      const { file, width, height, ms, content } = ready
      const told = { file, name, bytes: content.length, width, height, ms }
      const answer = answered(await channels.submit(channel.id, key, { kind: 'media.add', file: told }))
      // Somebody who took the same file away at this moment may have let go of its bytes.
      await keepContent(channels.pool, channel.id, channels.clock(), ready)
      return answer
    },
  })

const mediaRemoveRoute = (channels: Channels): Route =>
  route({
    method: 'post',
    path: '/desk/media/:file/remove',
    does: 'Take a file out of the library',
    answer: Nothing,
    allowed: desk('change', 'screen'),
    handle: async ({ channel, key, param }) => {
      const file = fileIn(param)
      const answer = answered(await channels.submit(channel.id, key, { kind: 'media.remove', file }))
      await dropContent(channels.pool, channel.id, file)
      return answer
    },
  })
