/** What stands on the picture for a channel's description. */
export interface PanelTexts {
  readonly channel: string
  readonly says: string
  readonly page: string
}

const WIDTH = 640
const HEIGHT = 260
const MARGIN = 28
const QR = 176

/** The picture for a channel's description: its name, what viewers get, the address and its QR code. @returns A PNG. */
export async function panelPicture(texts: PanelTexts): Promise<Blob> {
  const qr = await import('qrcode')
  const code = document.createElement('canvas')
  await qr.toCanvas(code, texts.page, { width: QR, margin: 2 })
  await document.fonts.ready
  const canvas = document.createElement('canvas')
  canvas.width = WIDTH
  canvas.height = HEIGHT
  const paint = canvas.getContext('2d')
  if (paint === null) throw new Error('This browser cannot make pictures. Save the QR code instead.')
  draw(paint, texts)
  paint.drawImage(code, WIDTH - QR - MARGIN, (HEIGHT - QR) / 2, QR, QR)
  return new Promise((made, failed) =>
    canvas.toBlob((blob) => (blob ? made(blob) : failed(new Error('The picture could not be made.'))), 'image/png'),
  )
}

function draw(paint: CanvasRenderingContext2D, { channel, says, page }: PanelTexts): void {
  const style = getComputedStyle(document.documentElement)
  const value = (name: string) => style.getPropertyValue(name).trim()
  const room = WIDTH - QR - 3 * MARGIN
  paint.fillStyle = value('--panel')
  paint.fillRect(0, 0, WIDTH, HEIGHT)
  paint.fillStyle = value('--brass')
  paint.fillRect(0, 0, 8, HEIGHT)
  paint.textBaseline = 'top'
  const lines = (text: string, font: string, colour: string, from: number, step: number, most: number): number => {
    paint.font = font
    paint.fillStyle = colour
    const broken = linesWithin(text, room, most, (part) => paint.measureText(part).width)
    for (const [i, line] of broken.entries()) paint.fillText(line, MARGIN, from + i * step)
    return from + broken.length * step
  }
  const sans = value('--font-sans')
  const name = lines(channel, `600 32px ${value('--font-display')}`, value('--text'), 36, 38, 2)
  const told = lines(says, `400 20px ${sans}`, value('--text'), name + 12, 27, 3)
  lines(page.replace(/^https?:\/\//, ''), `600 17px ${sans}`, value('--brass-text'), told + 12, 22, 2)
}

/** A text in lines that fit, broken between words, or within one that is too long alone; the last ends with "…" where more is left. */
export function linesWithin(text: string, room: number, most: number, widthOf: (text: string) => number): string[] {
  const lines: string[] = []
  let rest = Array.from(text.trim())
  while (rest.length > 0 && lines.length < most) {
    let end = rest.length
    while (end > 1 && widthOf(rest.slice(0, end).join('')) > room) end--
    const space = end < rest.length ? rest.lastIndexOf(' ', end) : -1
    const at = space > 0 ? space : end
    lines.push(rest.slice(0, at).join('').trim())
    rest = Array.from(rest.slice(at).join('').trimStart())
  }
  const last = lines.at(-1)
  if (rest.length > 0 && last !== undefined) lines[lines.length - 1] = `${last.slice(0, -1)}…`
  return lines
}
