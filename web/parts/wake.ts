/** A pause as long as this between two ticks means that the device slept, or that the page was put aside. */
const SLEPT_MS = 20_000
const TICK_MS = 5000

/**
 * Calls back when the device has woken up, the page is looked at again after a while, or the network is back: connections that
 * look open may be dead then, and nothing says so for minutes.
 * @returns Stops it.
 */
export function onWake(woken: () => void): () => void {
  let last = Date.now()
  const look = () => {
    const now = Date.now()
    const slept = now - last > SLEPT_MS
    last = now
    if (slept) woken()
  }
  const back = () => {
    last = Date.now()
    woken()
  }
  const timer = setInterval(look, TICK_MS)
  document.addEventListener('visibilitychange', look)
  window.addEventListener('pageshow', look)
  window.addEventListener('online', back)
  return () => {
    clearInterval(timer)
    document.removeEventListener('visibilitychange', look)
    window.removeEventListener('pageshow', look)
    window.removeEventListener('online', back)
  }
}
