import { isVideo, mediaAddress } from '../media.ts'
import { fitText } from './fit.ts'
import type { AlertFact } from './page.ts'

/** Puts an alert into its box: text, never markup, since what a viewer typed may be in it. */
export function drawAlert(box: HTMLElement, alert: AlertFact, media: string): HTMLElement {
  const shown = document.createElement('section')
  shown.className = `alert ${alert.place} ${alert.layout} enter-${alert.enter}`
  const card = document.createElement('div')
  card.className = 'card'
  if (alert.picture !== null) card.append(pictureOf(alert.picture, media, alert.volume))
  const words = document.createElement('div')
  words.className = 'words'
  for (const [name, text] of [['title', alert.title] as const, ['line', alert.line] as const]) {
    if (text === '') continue
    const line = document.createElement('p')
    line.className = name
    line.textContent = text
    words.append(line)
  }
  if (words.childElementCount > 0) card.append(words)
  else card.classList.add('bare')
  shown.append(card)
  box.append(shown)
  fitText(box, shown, 0, 54)
  return shown
}

function pictureOf(ref: string, media: string, volume: number): HTMLElement {
  const address = mediaAddress(ref, media)
  if (!isVideo(ref)) {
    const picture = document.createElement('img')
    picture.src = address
    picture.alt = ''
    return picture
  }
  const video = document.createElement('video')
  video.src = address
  video.autoplay = true
  video.playsInline = true
  video.volume = volume / 100
  // Where the host lets nothing sound without a click, the picture plays without its sound.
  void video.play().catch(() => {
    video.muted = true
    void video.play().catch(() => {})
  })
  return video
}
