import { randomUUID } from 'node:crypto'
import sharp from 'sharp'
import { beforeEach, describe, expect, test } from 'vitest'
import { testServer } from '../../../testing/server/server.ts'
import { sound, video } from './testing/files.ts'

let send: (bytes: Uint8Array | string, asked?: string) => Promise<{ status: number; answer: Record<string, unknown> }>
let server: Awaited<ReturnType<typeof testServer>>
let cookie: string

beforeEach(async () => {
  server = await testServer()
  cookie = await server.signedIn('desk', 'wanda')
  send = async (bytes, asked = 'name=A%20file') => {
    const response = await fetch(`${server.web}/api/channels/bench/desk/media?${asked}`, {
      method: 'POST',
      headers: { cookie, 'idempotency-key': randomUUID(), 'content-type': 'application/octet-stream' },
      body: bytes as BodyInit,
    })
    return { status: response.status, answer: (await response.json()) as Record<string, unknown> }
  }
})

const colour = { r: 200, g: 150, b: 60 }
const png = (width: number, height: number) =>
  sharp({ create: { width, height, channels: 3, background: colour } })
    .png()
    .toBuffer()
const get = (file: unknown, more = '', headers = {}) => fetch(`${server.web}/media/bench/${file}${more}`, { headers })

describe('a picture', () => {
  test('is taken by its content, written anew, kept once, and served for ever', async () => {
    const one = await send(await png(40, 20))
    expect(one).toMatchObject({ status: 200, answer: { known: false } })
    expect(await send(await png(40, 20))).toMatchObject({ answer: { file: one.answer.file, known: true } })
    const response = await get(one.answer.file)
    expect(response.headers.get('content-type')).toBe('image/webp')
    expect(response.headers.get('cache-control')).toContain('immutable')
    expect(await sharp(await response.arrayBuffer()).metadata()).toMatchObject({
      format: 'webp',
      width: 40,
      height: 20,
    })
    expect((await get(one.answer.file, '?small')).headers.get('content-type')).toBe('image/webp')
    expect((await server.pool.query('select count(*)::int as n from media_content')).rows).toEqual([{ n: 1 }])
  })

  test('is cut to what is wanted, turned upright and made no larger than a screen', async () => {
    const cut = await send(await png(400, 200), 'name=x&crop=2500,0,5000,10000')
    expect(await sharp(await (await get(cut.answer.file)).arrayBuffer()).metadata()).toMatchObject({
      width: 200,
      height: 200,
    })
    const lying = await sharp(await png(300, 100))
      .withMetadata({ orientation: 6 })
      .jpeg()
      .toBuffer()
    const upright = await send(lying)
    expect(await sharp(await (await get(upright.answer.file)).arrayBuffer()).metadata()).toMatchObject({
      width: 100,
      height: 300,
    })
    const large = await send(await png(4000, 1000))
    expect(await sharp(await (await get(large.answer.file)).arrayBuffer()).metadata()).toMatchObject({
      width: 1920,
      height: 480,
    })
  })

  test('that moves goes on moving', async () => {
    const frames = await Promise.all(
      [10, 90, 200].map((r) =>
        sharp({ create: { width: 30, height: 30, channels: 3, background: { ...colour, r } } })
          .png()
          .toBuffer(),
      ),
    )
    const gif = await sharp(frames, { join: { animated: true } })
      .gif()
      .toBuffer()
    const kept = await send(gif)
    const bytes = await (await get(kept.answer.file)).arrayBuffer()
    expect(await sharp(bytes, { animated: true }).metadata()).toMatchObject({ format: 'webp', pages: 3 })
  })

  test('that is a trap of points is refused without being opened', async () => {
    const bomb = await sharp({ create: { width: 16_000, height: 16_000, channels: 3, background: colour } })
      .png({ compressionLevel: 9 })
      .toBuffer()
    expect(bomb.length).toBeLessThan(2_000_000)
    expect(await send(bomb)).toMatchObject({ status: 422, answer: { code: 'media_too_detailed' } })
  })
})

describe('sounds and videos', () => {
  test('are kept as they are, with how long they play, and served in parts', async () => {
    const wav = await send(sound(2))
    expect(wav.answer.file).toMatch(/\.wav$/)
    const kept = await server.pool.query('select kind, ms from media')
    expect(kept.rows).toEqual([{ kind: 'sound', ms: 2000 }])
    const part = await get(wav.answer.file, '', { range: 'bytes=0-3' })
    expect([part.status, await part.text(), part.headers.get('content-range')]).toEqual([
      206,
      'RIFF',
      `bytes 0-3/${sound(2).length}`,
    ])
    const rest = await get(wav.answer.file, '', { range: 'bytes=44-' })
    expect((await rest.arrayBuffer()).byteLength).toBe(sound(2).length - 44)
    expect((await get(wav.answer.file, '', { range: 'bytes=99999999-' })).status).toBe(416)
    expect((await send(video())).answer.file).toMatch(/\.webm$/)
  })

  test('that play too long are refused with how long they do', async () => {
    expect(await send(sound(121, 1000))).toMatchObject({
      status: 422,
      answer: { code: 'media_too_long', detail: 'It plays for 121 s; 120 s is the most. Cut it shorter.' },
    })
  })
})

describe('what is no picture, sound or video', () => {
  test.each<[string, () => Uint8Array | string, string, string]>([
    [
      'an SVG',
      () => '<?xml version="1.0"?><svg xmlns="http://www.w3.org/2000/svg"><script/></svg>',
      'media_refused',
      'SVG pictures can carry programs',
    ],
    [
      'a page named like a picture',
      () => '<html><script>alert(1)</script></html>',
      'media_refused',
      'of no kind that we know',
    ],
    ['nothing at all', () => '', 'media_empty', 'empty'],
    ['a file of another kind', () => Buffer.from('%PDF-1.7 ....................'), 'media_refused', '"pdf"'],
    [
      'half a picture',
      () => Buffer.from('89504e470d0a1a0a0000000d49484452000000100000001008060000001ff3ff61', 'hex'),
      'media_broken',
      'broken',
    ],
    [
      'a sound that is only its beginning',
      () => Buffer.concat([sound(1).subarray(0, 20), Buffer.alloc(40)]),
      'media_broken',
      'broken',
    ],
  ])('%s is refused', async (_name, bytes, code, part) => {
    const refused = await send(bytes())
    expect(refused.answer).toMatchObject({ code, detail: expect.stringContaining(part) })
    expect((await server.pool.query('select count(*)::int as n from media_content')).rows).toEqual([{ n: 0 }])
  })

  test('a file that is too large is told its size before it is read', async () => {
    const refused = await send(new Uint8Array(26 * 1024 * 1024 + 1))
    expect(refused).toMatchObject({
      status: 413,
      answer: { code: 'too_large', detail: expect.stringContaining('This file has 26.0 MB; 25.0 MB is the most.') },
    })
  })

  test('a part outside the picture is refused', async () => {
    for (const crop of ['1,2', '0,0,0,10', '9000,0,2000,10', 'a,b,c,d'])
      expect(await send(await png(10, 10), `name=x&crop=${crop}`)).toMatchObject({ answer: { code: 'crop_invalid' } })
  })
})

test('a file that is taken away is gone, unless something uses it; it may come back', async () => {
  const { file } = (await send(await png(8, 8))).answer
  const call = async (path: string) => {
    const headers = { cookie, 'idempotency-key': randomUUID() }
    const response = await fetch(`${server.web}/api/channels/bench/desk/media/${path}`, { method: 'POST', headers })
    return (await response.json()) as Record<string, unknown>
  }
  expect(await call(`${file}/remove`)).toEqual({})
  expect((await get(file)).status).toBe(404)
  expect(await call(`${file}/remove`)).toMatchObject({ code: 'media_not_found' })
  expect((await send(await png(8, 8))).answer).toMatchObject({ file, known: false })
  expect((await get(file)).status).toBe(200)
  expect((await get('../../etc/passwd')).status).toBe(404)
})

test('an overlay’s page is told its pieces with what they show, and never its background', async () => {
  const { submit, web, richViewer } = server
  await richViewer('pia', 100)
  await submit('o', { kind: 'screen.add', name: 'Main', secret: 'secret-address' })
  await submit('start', { kind: 'show.start', title: 'The lamp' })
  await submit('buy', { kind: 'store.buy', who: { account: 'pia', name: 'pia' }, word: 'whistle', text: '' })
  await submit('say', { kind: 'chat.line', who: { account: 'pia', name: 'pia' }, text: 'hello', privately: false })
  const look = { font: 'display', size: 0, colour: '', ground: '', cover: 90, corner: 8, shadow: false } as const
  const box = { x: 0, y: 0, w: 100, h: 50, locked: false, hidden: false, look }
  const { rows } = await server.pool.query('select id from overlay')
  const pieces = [
    { ...box, of: 'orders', id: 'o', title: '', many: 2 },
    { ...box, of: 'top', id: 't', title: '', list: 'balance', many: 3 },
    { ...box, of: 'counter', id: 'c', title: '', figure: 'spent' },
    { ...box, of: 'text', id: 'x', text: '{{ show.title }}: {{ counts.present }} here, {{ top.balance | places: 1 }}' },
    { ...box, of: 'chat', id: 'l', many: 5, seconds: 0, bot: true },
    { ...box, of: 'counter', id: 'h', title: '', figure: 'paid', hidden: true },
  ] as never
  const settings = { name: 'Main', width: 800, height: 600, pieces, background: 'lamp' } as const
  expect(await submit('save', { kind: 'screen.save', overlay: rows[0].id, settings })).toMatchObject({ ok: true })
  const page = (await (await fetch(`${web}/api/overlays/secret-address/page`)).json()) as Record<string, unknown>
  expect(page).not.toHaveProperty('background')
  expect(page).toMatchObject({ width: 800, media: '/media/bench', paused: false })
  expect(page.shown).toMatchObject({
    o: { lines: [{ name: 'pia', value: 'Factory whistle' }] },
    t: { lines: [{ name: 'pia', value: '40' }] },
    c: { figure: 60 },
    x: { text: 'The lamp: 1 here, 1. pia 40' },
  })
  expect((page.shown as Record<string, { said: { text: string }[] }>).l?.said.map(({ text }) => text)).toContain(
    'hello',
  )
  expect(page.shown).not.toHaveProperty('h')
  expect((await fetch(`${web}/api/overlays/another-address/page`)).status).toBe(404)
})
