import { playRef } from '../parts/sound.ts'
import { Alerts } from './alerts.ts'
import './overlay.css'
import '../parts/screen/pieces.css'
import { follow, type LiveFact } from '../parts/feed.ts'
import type { Drawn } from '../parts/screen/drawn.ts'
import type { OverlayPage } from '../parts/screen/page.ts'
import { drawPiece } from '../parts/screen/pieces.ts'

const RETRY_MS = 3000
/** A sound this late would puzzle the audience. */
const STALE_SECONDS = 15
/** What pieces show is asked for anew at most this often. */
const REFRESH_MS = 4000

const stage = document.getElementById('stage') as HTMLElement
const secret = window.location.pathname.split('/')[2] ?? ''

let page: OverlayPage | undefined
let drawn: Drawn[] = []
let alerts: Alerts | undefined
let last: number | undefined
/** By how many seconds the server's clock is ahead of this computer's. */
let ahead = 0
let refreshing: ReturnType<typeof setTimeout> | undefined

const now = (): number => Date.now() / 1000 + ahead

/** In a window of another size than the canvas it is scaled to fit. */
function scaleStage(): void {
  const { width, height } = page ?? { width: 1920, height: 1080 }
  stage.style.width = `${width}px`
  stage.style.height = `${height}px`
  stage.style.transform = `scale(${Math.min(window.innerWidth / width, window.innerHeight / height)})`
}

async function load(): Promise<OverlayPage | undefined> {
  const response = await fetch(`/api/overlays/${secret}/page`).catch(() => undefined)
  return response?.ok ? ((await response.json()) as OverlayPage) : undefined
}

/** Draws everything anew; alerts that wait go on waiting. */
function draw(next: OverlayPage): void {
  const same =
    page !== undefined &&
    JSON.stringify({ ...page, shown: 0, seq: 0 }) === JSON.stringify({ ...next, shown: 0, seq: 0 })
  page = next
  if (!same) {
    scaleStage()
    for (const { element } of drawn) element.remove()
    drawn = next.pieces.map((piece, i) => drawPiece(stage, piece, i, next.height))
    alerts ??= new Alerts()
    alerts.setUp(drawn, next)
  }
  for (const one of drawn) one.show(next.shown[one.piece.id])
}

async function refresh(): Promise<void> {
  refreshing = undefined
  const next = await load()
  if (next !== undefined) draw(next)
}

function refreshSoon(ms = REFRESH_MS): void {
  if (refreshing !== undefined && ms > 0) return
  clearTimeout(refreshing)
  refreshing = setTimeout(() => void refresh(), ms)
}

function hear(fact: LiveFact): void {
  last = fact.seq
  const age = now() - fact.at
  switch (fact.kind) {
    // The address may have been replaced: connecting anew shows whether this one is still good.
    case 'screen.renewed':
      stop?.()
      setTimeout(() => void start(), RETRY_MS)
      return
    case 'screen.changed':
      return void refresh()
    case 'screen.alert':
      return alerts?.add(fact.body, age)
    case 'screen.control':
      return alerts?.control(fact.body)
    case 'screen.sound':
      if (age < STALE_SECONDS && page !== undefined) void playRef(fact.body.sound, page.media, fact.body.volume / 100)
      return
    default:
      tellPieces(fact)
  }
}

function tellPieces(fact: LiveFact): void {
  let outdated = false
  for (const one of drawn) outdated = one.hear(fact) || outdated
  // A draw is seen as it happens; other figures may wait for one another.
  if (outdated) refreshSoon(fact.kind.startsWith('raffle.') ? 0 : REFRESH_MS)
}

/** Stops listening. */
let stop: (() => void) | undefined

/** Listens for what happens. Recovers by itself however long the server was away, and never shows the audience an error. */
function listen(from: number): void {
  let away = false
  stop = follow({
    address: (heard) => `/api/overlays/${secret}/feed?after=${heard ?? from}`,
    onFact: hear,
    onReset: () => void refresh(),
    // What pieces show may have changed without a fact while the server was away.
    onUp: (up) => {
      if (up && away) refreshSoon(0)
      away = !up
    },
    onNow: (seconds) => {
      ahead = seconds - Date.now() / 1000
    },
  })
}

async function start(): Promise<void> {
  const next = await load()
  if (next === undefined) {
    setTimeout(() => void start(), RETRY_MS)
    return
  }
  draw(next)
  listen(last ?? next.seq)
}

window.addEventListener('resize', scaleStage)
// A clock, a list of who watched longest: what nobody tells of changes all the same.
setInterval(() => drawn.some(({ piece }) => piece.of === 'text' || piece.of === 'top') && refreshSoon(0), 30_000)
scaleStage()
void start()
