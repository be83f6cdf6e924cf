import type { Seconds } from '#core/schema'
/** A WAV file of so many seconds of silence. */
export function sound(seconds: Seconds, rate = 8000): Buffer {
  const data = Buffer.alloc(seconds * rate, 128)
  const head = Buffer.alloc(44)
  head.write('RIFF', 0)
  head.writeUInt32LE(36 + data.length, 4)
  head.write('WAVEfmt ', 8)
  head.writeUInt32LE(16, 16)
  head.writeUInt16LE(1, 20)
  head.writeUInt16LE(1, 22)
  head.writeUInt32LE(rate, 24)
  head.writeUInt32LE(rate, 28)
  head.writeUInt16LE(1, 32)
  head.writeUInt16LE(8, 34)
  head.write('data', 36)
  head.writeUInt32LE(data.length, 40)
  return Buffer.concat([head, data])
}

const element = (id: string, content: Buffer): Buffer => {
  const size = Buffer.alloc(8)
  size.writeBigUInt64BE((1n << 56n) | BigInt(content.length))
  return Buffer.concat([Buffer.from(id, 'hex'), size, content])
}
const number = (n: number): Buffer => Buffer.from([n >> 8, n & 255])

/** A WebM file that tells of a video of 64 x 48 points and one second, and holds nothing of it. */
export function video(): Buffer {
  const seconds = Buffer.alloc(8)
  seconds.writeDoubleBE(1000)
  const head = element(
    '1a45dfa3',
    Buffer.concat([element('4282', Buffer.from('webm')), element('4287', Buffer.from([4]))]),
  )
  const info = element(
    '1549a966',
    Buffer.concat([element('2ad7b1', Buffer.from([15, 66, 64])), element('4489', seconds)]),
  )
  const picture = element('e0', Buffer.concat([element('b0', number(64)), element('ba', number(48))]))
  const track = Buffer.concat([
    element('d7', Buffer.from([1])),
    element('73c5', Buffer.from([1])),
    element('83', Buffer.from([1])),
    element('86', Buffer.from('V_VP8')),
    picture,
  ])
  return Buffer.concat([head, element('18538067', Buffer.concat([info, element('1654ae6b', element('ae', track))]))])
}
