/** Controls, and the marks that reverse the direction of text: in a name or a text they could forge what others see. */
const UNSPEAKABLE = /[\p{Cc}\u200e\u200f\u202a-\u202e\u2066-\u2069]+/gu

const encoder = new TextEncoder()

/** The longest text of one line: a line of IRC has 512 bytes with its sender, command and room; the library cuts at 350. */
export const LINE_BYTES = 340
/** An answer is said in so many lines at most. */
const MOST_LINES = 3

/** A text as it can be said: one line, without anything that would end the command or act on the reader's screen. */
export const speakable = (text: string): string => text.replace(UNSPEAKABLE, ' ').trim()

/** Whether a text can be said in one line. */
export const fitsLine = (text: string): boolean => encoder.encode(speakable(text)).length <= LINE_BYTES

/** Cuts a text into lines of at most so many bytes, between words where there are any, never within a letter. */
export function inLines(text: string, bytes = LINE_BYTES): string[] {
  const lines: string[] = []
  let line = ''
  for (const word of speakable(text).split(/ +/)) {
    for (const piece of piecesOf(word, bytes)) {
      const longer = line === '' ? piece : `${line} ${piece}`
      if (encoder.encode(longer).length <= bytes) line = longer
      else {
        lines.push(line)
        line = piece
      }
    }
  }
  if (line !== '') lines.push(line)
  return lines.slice(0, MOST_LINES)
}

/** A word longer than a line, in pieces that are not. */
function piecesOf(word: string, bytes: number): string[] {
  if (encoder.encode(word).length <= bytes) return [word]
  const pieces: string[] = []
  let piece = ''
  for (const letter of word) {
    if (encoder.encode(piece + letter).length > bytes) {
      pieces.push(piece)
      piece = ''
    }
    piece += letter
  }
  return [...pieces, piece]
}
