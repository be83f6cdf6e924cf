import { FIRST_PIECES, type Look, type Piece, PLAIN_LOOK } from '../screen/index.ts'
import type { Audience } from './audience.ts'
import type { StarterPiece } from './piece.ts'

/** How what stands on the stream looks. */
const LOOKS: Readonly<Record<Audience['look'], Look>> = {
  plain: PLAIN_LOOK,
  warm: { ...PLAIN_LOOK, ground: '#3a2417', colour: '#ffe9c7', corner: 20, shadow: true },
  quiet: { ...PLAIN_LOOK, font: 'text', ground: '#101418', colour: '#dfe7ee', cover: 60, corner: 0 },
}

const NAMES: Readonly<Record<Audience['look'], string>> = { plain: 'plain', warm: 'warm', quiet: 'quiet' }

/** An overlay with a box for alerts, and a place for a raffle and for games while they are on. */
export function overlayPiece({ look }: Audience): StarterPiece {
  const own = { look: LOOKS[look], locked: false, hidden: false, always: false }
  const right = { ...own, x: 1100, w: 760 }
  const left = { ...own, x: 60, w: 760 }
  const pieces: Piece[] = [
    ...FIRST_PIECES.map((piece) => ({ ...piece, look: LOOKS[look] })),
    { of: 'raffle', id: 'raffle1', title: 'Raffle', ...right, y: 60, h: 300 },
    { of: 'bet', id: 'bet1', title: 'Bet', ...right, y: 400, h: 360 },
    { of: 'goal', id: 'goal1', title: 'Goal', ...left, y: 60, h: 220 },
    { of: 'duel', id: 'duel1', title: 'Duel', ...left, y: 320, h: 280 },
    { of: 'scramble', id: 'scramble1', title: 'A scramble', ...left, y: 320, h: 300 },
    { of: 'reels', id: 'reels1', title: 'Coin', ...right, y: 700, h: 320 },
  ]
  return {
    key: 'overlay/main',
    name: 'The overlay',
    says: `Alerts, raffles, bets, goals and games, each while it is on; ${NAMES[look]}`,
    made: { of: 'overlay', pieces },
  }
}
