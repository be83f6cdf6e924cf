import type { DeskRaffle } from './view.ts'

/** What is to be done next with a raffle: what to press, or whom to wait for. */
export type Next =
  | { readonly press: 'open' | 'close' | 'draw' | 'finish'; readonly label: string }
  | { readonly wait: string; readonly until: number | null }

/** What a raffle's next step is. @param running - What a draw that is being shown, or a winner with time left, keeps from being pressed. */
export function nextOf(raffle: DeskRaffle): Next {
  const { status, drawing, waiting, won, settings, people, draws } = raffle
  if (status === 'planned') return { press: 'open', label: 'Open it' }
  if (status === 'open') return { press: 'close', label: 'Close' }
  if (status === 'returning') return { wait: 'Refunds are on their way', until: null }
  if (drawing !== null) return { wait: 'The draw is running', until: drawing.until }
  const missing = settings.winners - won - waiting.length
  const [first] = [...waiting].sort((a, b) => a.until - b.until)
  if (missing > 0 && people > draws) return { press: 'draw', label: drawLabel(raffle, missing) }
  if (first !== undefined) return { wait: `${first.name} has time to reply`, until: first.until }
  return { press: 'finish', label: 'Finish' }
}

/** When something of a raffle happens next without a press; null: nothing. */
export function deadlineOf(raffle: DeskRaffle): number | null {
  if (raffle.status === 'planned') return raffle.opensAt
  if (raffle.status === 'open') return raffle.closesAt
  const next = nextOf(raffle)
  return 'wait' in next ? next.until : null
}

function drawLabel({ settings, draws, won, waiting }: DeskRaffle, missing: number): string {
  if (settings.draw === 'all' && missing > 1) return `Draw ${missing} winners`
  if (draws === 0) return 'Draw'
  // More were drawn than have it or may still get it: somebody is out, and this is for their place.
  return draws > won + waiting.length ? 'Draw again' : 'Draw the next'
}

const STATES: Readonly<Record<DeskRaffle['status'], string>> = {
  planned: 'not open yet',
  open: 'open',
  closed: 'closed',
  returning: 'called off, refunding',
  finished: 'finished',
  off: 'called off',
}

export const stateInWords = ({ status }: Pick<DeskRaffle, 'status'>): string => STATES[status]
