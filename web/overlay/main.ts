import type { Alert, Sound } from '#core/screen'
import { playSound } from '../parts/sound.ts'
import { Alerts } from './alerts.ts'
import './overlay.css'

const WIDTH = 1920
const HEIGHT = 1080
const RETRY_MS = 3000
/** A sound this late would puzzle the audience. */
const STALE_SECONDS = 15

const stage = document.getElementById('stage') as HTMLElement
const alerts = new Alerts(stage)

/** The canvas is 1920 x 1080; in a window of another size it is scaled to fit. */
function scaleStage(): void {
  stage.style.transform = `scale(${Math.min(window.innerWidth / WIDTH, window.innerHeight / HEIGHT)})`
}

let last: number | undefined
/** By how many seconds the server's clock is ahead of this computer's. */
let ahead = 0

/** Listens for alerts. Recovers by itself however long the server was away, and never shows the audience an error. */
function listen(): void {
  const secret = window.location.pathname.split('/')[2] ?? ''
  const source = new EventSource(`/api/overlays/${secret}/feed${last === undefined ? '' : `?after=${last}`}`)
  source.addEventListener('now', ({ data }) => {
    ahead = Number(data) - Date.now() / 1000
  })
  source.onmessage = ({ data }) => {
    const fact = JSON.parse(String(data)) as { seq: number; at: number; kind: string; body: unknown }
    last = fact.seq
    // The address may have been replaced: connecting anew shows whether this one is still good.
    if (fact.kind === 'screen.renewed') {
      source.close()
      setTimeout(listen, RETRY_MS)
    } else if (fact.kind === 'screen.alert') {
      alerts.add(fact.body as Alert, Date.now() / 1000 + ahead - fact.at)
    } else if (fact.kind === 'screen.sound' && Date.now() / 1000 + ahead - fact.at < STALE_SECONDS) {
      void playSound((fact.body as { sound: Sound }).sound)
    }
  }
  source.onerror = () => {
    if (source.readyState === EventSource.CLOSED) setTimeout(listen, RETRY_MS)
  }
}

window.addEventListener('resize', scaleStage)
scaleStage()
listen()
