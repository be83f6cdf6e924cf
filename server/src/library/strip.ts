import type { UnixSeconds } from '#core/schema'
/**
 * Takes out of sounds and videos what tells of who made them, where and with what: titles, comments, pictures, places, times.
 * Where a part cannot be cut out without moving others it is overwritten. What plays stays as it is, byte for byte.
 */
export function withoutMetadata(bytes: Buffer, ending: string): Buffer {
  switch (ending) {
    case 'mp3':
      return withoutTags(bytes)
    case 'wav':
      return onlySound(bytes)
    case 'ogg':
      return withoutComments(bytes)
    case 'mp4':
      return blanked(bytes, (copy) => blankBoxes(copy, 0, copy.length))
    case 'webm':
      return blanked(bytes, (copy) => blankElements(copy, 0, copy.length))
    default:
      return bytes
  }
}

function blanked(bytes: Buffer, blank: (copy: Buffer) => void): Buffer {
  const copy = Buffer.from(bytes)
  blank(copy)
  return copy
}

const ID3V1_BYTES = 128
const ID3V2_HEAD = 10

/** MP3: ID3v2 before the sound, APEv2 and ID3v1 after it. */
function withoutTags(bytes: Buffer): Buffer {
  let [from, to] = [0, bytes.length]
  while (bytes.toString('latin1', from, from + 3) === 'ID3' && from + ID3V2_HEAD <= to) {
    const size = [6, 7, 8, 9].reduce((sum, i) => sum * 128 + ((bytes[from + i] ?? 0) & 127), 0)
    const footer = ((bytes[from + 5] ?? 0) & 0x10) === 0 ? 0 : ID3V2_HEAD
    from = Math.min(to, from + ID3V2_HEAD + size + footer)
  }
  if (bytes.toString('latin1', to - ID3V1_BYTES, to - ID3V1_BYTES + 3) === 'TAG') to -= ID3V1_BYTES
  if (bytes.toString('latin1', to - 32, to - 24) === 'APETAGEX') {
    const withHead = (bytes.readUInt32LE(to - 12) & 0x80000000) === 0 ? 0 : 32
    to = Math.max(from, to - bytes.readUInt32LE(to - 20) - withHead)
  }
  return bytes.subarray(from, to)
}

const SOUND_CHUNKS: ReadonlySet<string> = new Set(['fmt ', 'fact', 'data'])

/** WAV: only the chunks that play. */
function onlySound(bytes: Buffer): Buffer {
  if (bytes.length < 12) return bytes
  const kept: Buffer[] = []
  for (let at = 12; at + 8 <= bytes.length; ) {
    const size = bytes.readUInt32LE(at + 4)
    const end = Math.min(bytes.length, at + 8 + size + (size % 2))
    if (SOUND_CHUNKS.has(bytes.toString('latin1', at, at + 4))) kept.push(bytes.subarray(at, end))
    at = end
  }
  const body = Buffer.concat(kept)
  const head = Buffer.from(bytes.subarray(0, 12))
  head.writeUInt32LE(4 + body.length, 4)
  return Buffer.concat([head, body])
}

const PAGE_HEAD = 27
const COMMENTS = ['\x03vorbis', 'OpusTags'] as const

/** Ogg: the texts of the comment packet are overwritten, and the pages' checksums made anew. */
function withoutComments(bytes: Buffer): Buffer {
  const copy = Buffer.from(bytes)
  const pages = pagesOf(copy)
  const packet = pages.flatMap((page) => page.content)
  const start = COMMENTS.map((mark) => indexIn(copy, packet, mark)).find((at) => at >= 0)
  if (start === undefined) return copy
  const mark = copy[packet[start] ?? 0] === 3 ? COMMENTS[0] : COMMENTS[1]
  blankComments(copy, packet, start + mark.length)
  for (const { at, end } of pages) {
    copy.writeUInt32LE(0, at + 22)
    copy.writeUInt32LE(crcOf(copy.subarray(at, end)), at + 22)
  }
  return copy
}

interface Page {
  readonly at: UnixSeconds
  readonly end: number
  /** Where each byte of its content stands. */
  readonly content: number[]
}

/** How far into a file comments are looked for: cover pictures may be large. */
const MOST_PAGES = 400

function pagesOf(bytes: Buffer): Page[] {
  const pages: Page[] = []
  for (let at = 0; pages.length < MOST_PAGES && bytes.toString('latin1', at, at + 4) === 'OggS'; ) {
    const segments = bytes[at + 26] ?? 0
    const size = bytes.subarray(at + PAGE_HEAD, at + PAGE_HEAD + segments).reduce((sum, one) => sum + one, 0)
    const from = at + PAGE_HEAD + segments
    const end = Math.min(bytes.length, from + size)
    pages.push({ at, end, content: Array.from({ length: Math.max(0, end - from) }, (_, i) => from + i) })
    at = end
  }
  return pages
}

const LOOKED_AT = 65_536

function indexIn(bytes: Buffer, packet: readonly number[], mark: string): number {
  const first = Buffer.from(packet.slice(0, LOOKED_AT).map((at) => bytes[at] ?? 0))
  return first.indexOf(Buffer.from(mark, 'latin1'))
}

/** Vendor and comments: each a length and so many bytes, which become spaces. */
function blankComments(bytes: Buffer, packet: readonly number[], from: number): void {
  let at = from
  const number = (): number => {
    const value = [3, 2, 1, 0].reduce((sum, i) => sum * 256 + (bytes[packet[at + i] ?? -1] ?? 0), 0)
    at += 4
    return value
  }
  const blank = (length: number) => {
    for (const place of packet.slice(at, at + length)) bytes[place] = 0x20
    at += length
  }
  blank(number())
  const count = number()
  for (let i = 0; i < count && at < packet.length; i++) blank(number())
}

const CRC_TABLE = Array.from({ length: 256 }, (_, i) => {
  let value = i << 24
  for (let bit = 0; bit < 8; bit++) value = value & 0x80000000 ? (value << 1) ^ 0x04c11db7 : value << 1
  return value >>> 0
})

/** The checksum of an Ogg page: https://xiph.org/ogg/doc/framing.html */
const crcOf = (bytes: Buffer): number =>
  bytes.reduce((crc, byte) => ((crc << 8) ^ (CRC_TABLE[((crc >>> 24) ^ byte) & 255] ?? 0)) >>> 0, 0)

const TELLING_BOXES: ReadonlySet<string> = new Set(['udta', 'meta', 'uuid', 'XMP_', 'Xtra'])
const CONTAINERS: ReadonlySet<string> = new Set(['moov', 'trak', 'mdia', 'minf', 'moof', 'traf'])
const TIMED: ReadonlySet<string> = new Set(['mvhd', 'tkhd', 'mdhd'])

/** MP4: boxes that tell become free space, and times of making are set to none. */
function blankBoxes(bytes: Buffer, from: number, to: number): void {
  for (let at = from; at + 8 <= to; ) {
    const wide = bytes.readUInt32BE(at) === 1 && at + 16 <= to
    const told = wide ? Number(bytes.readBigUInt64BE(at + 8)) : bytes.readUInt32BE(at)
    const head = wide ? 16 : 8
    const end = told === 0 ? to : Math.min(to, at + Math.max(head, told))
    const type = bytes.toString('latin1', at + 4, at + 8)
    if (TELLING_BOXES.has(type)) {
      bytes.write('free', at + 4, 'latin1')
      bytes.fill(0, at + head, end)
    } else if (CONTAINERS.has(type)) blankBoxes(bytes, at + head, end)
    else if (TIMED.has(type))
      bytes.fill(0, at + head + 4, Math.min(end, at + head + (bytes[at + head] === 1 ? 20 : 12)))
    at = end
  }
}

/** Of Matroska, as hex: https://www.rfc-editor.org/rfc/rfc9559. */
const VOID = 0xec
const INSIDE: ReadonlySet<string> = new Set(['18538067', '1549a966', '1654ae6b', 'ae'])
const TELLING: ReadonlySet<string> = new Set(['1254c367', '1941a469', '7ba9', '4461', '7384', '536e'])
const NAMING: ReadonlySet<string> = new Set(['4d80', '5741'])

/** WebM: tags, attachments, titles and dates become void; the names of programs, which must be there, become spaces. */
function blankElements(bytes: Buffer, from: number, to: number): void {
  for (let at = from; at < to; ) {
    const idLength = lengthOf(bytes[at] ?? 0)
    const sizeLength = lengthOf(bytes[at + idLength] ?? 0)
    if (idLength > 4 || sizeLength > 8 || at + idLength + sizeLength > to) return
    const id = bytes.toString('hex', at, at + idLength)
    const content = at + idLength + sizeLength
    const end = Math.min(to, endOf(bytes, at + idLength, sizeLength, content, to))
    if (TELLING.has(id)) makeVoid(bytes, at, end)
    else if (NAMING.has(id)) bytes.fill(0x20, content, end)
    else if (INSIDE.has(id)) blankElements(bytes, content, end)
    at = Math.max(end, content)
  }
}

/** How many bytes a number of Matroska has, by its first one. */
const lengthOf = (first: number): number => (first === 0 ? 9 : Math.clz32(first) - 23)

function endOf(bytes: Buffer, at: UnixSeconds, length: number, content: number, to: number): number {
  let size = BigInt((bytes[at] ?? 0) & (0xff >> length))
  let unknown = size === BigInt(0xff >> length)
  for (let i = 1; i < length; i++) {
    const byte = bytes[at + i] ?? 0
    unknown &&= byte === 0xff
    size = size * 256n + BigInt(byte)
  }
  return unknown ? to : content + Number(size)
}

/** Overwrites an element with a void one of the same length. */
function makeVoid(bytes: Buffer, at: UnixSeconds, end: number): void {
  const length = end - at
  bytes.fill(0, at, end)
  bytes[at] = VOID
  if (length >= 9) {
    bytes.writeBigUInt64BE((1n << 56n) | BigInt(length - 9), at + 1)
  } else if (length >= 2) bytes[at + 1] = 0x80 | (length - 2)
}
