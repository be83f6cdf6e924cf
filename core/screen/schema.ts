import { type Static, type TProperties, Type } from '@sinclair/typebox'
import { closed, Id, oneOf, orNull, whole } from '../schema.ts'
import { stored, textIn } from '../world/index.ts'
import { PictureRef, SoundRef } from './refs.ts'

/** How an alert comes in and leaves. */
export const MOVES = ['slide', 'rise', 'grow', 'fade', 'none'] as const
/** Where an alert stands in its box. */
export const PLACES = [
  'topLeft',
  'top',
  'topRight',
  'left',
  'middle',
  'right',
  'bottomLeft',
  'bottom',
  'bottomRight',
] as const
/** How its picture stands to its words. */
export const LAYOUTS = ['beside', 'above', 'behind'] as const

/** What plays on the overlays: a picture or video, two lines of text (Liquid), a sound. */
export const AlertSettings = Type.Object(
  {
    name: Type.String({ minLength: 1, maxLength: 60, pattern: '\\S' }),
    title: Type.String({ maxLength: 200 }),
    line: Type.String({ maxLength: 200 }),
    picture: orNull(PictureRef),
    sound: SoundRef,
    /** Hundredths of full loudness. */
    volume: whole(0, 100),
    seconds: whole(2, 60),
    enter: oneOf(MOVES),
    leave: oneOf(MOVES),
    place: oneOf(PLACES),
    layout: oneOf(LAYOUTS),
  },
  closed,
)
export type AlertSettings = Static<typeof AlertSettings>

export const FONTS = ['display', 'text', 'typewriter'] as const
const Colour = Type.String({ pattern: '^(|#[0-9a-f]{6})$' })

/** How a piece looks. Empty colours are the theme's. */
export const Look = Type.Object(
  {
    font: oneOf(FONTS),
    /** Height of the letters; 0: as large as fits. */
    size: whole(0, 400),
    colour: Colour,
    ground: Type.String({ pattern: '^(|none|#[0-9a-f]{6})$' }),
    /** How much the ground covers what is behind it, in hundredths. */
    cover: whole(0, 100),
    corner: whole(0, 200),
    shadow: Type.Boolean(),
  },
  closed,
)
export type Look = Static<typeof Look>

const piece = <const K extends string, P extends TProperties>(of: K, own: P) =>
  Type.Object(
    {
      of: Type.Literal(of),
      id: Type.String({ pattern: '^[a-z0-9]{1,12}$' }),
      x: whole(-8000, 8000),
      y: whole(-8000, 8000),
      w: whole(20, 8000),
      h: whole(20, 8000),
      locked: Type.Boolean(),
      hidden: Type.Boolean(),
      look: Look,
      ...own,
    },
    closed,
  )

export const FIGURES_OF_SHOW = ['paid', 'spent', 'orders', 'present'] as const
export const TOP_LISTS = ['balance', 'hours', 'earned'] as const
const Title = Type.String({ maxLength: 60 })

const ROUND = { title: Title, always: Type.Boolean() }

/** The pieces that show a round of a game, and of which games. */
const ROUND_PIECES = {
  crew: ['heist'],
  duel: ['duel'],
  wheel: ['roulette'],
  reels: ['reels', 'coin'],
  bracket: ['cup'],
  scramble: ['scramble'],
  boss: ['boss'],
} as const
export type RoundKind = keyof typeof ROUND_PIECES
const ROUND_KINDS = Object.keys(ROUND_PIECES) as RoundKind[]

/** A part of an overlay, placed on its canvas (pixels from the top left). Later ones lie on top. */
export const Piece = Type.Union([
  piece('alerts', { which: Type.Union([Type.Literal('all'), Type.Array(Id, { maxItems: 200 })]) }),
  piece('orders', { title: Title, many: whole(1, 10) }),
  piece('top', { title: Title, list: oneOf(TOP_LISTS), many: whole(1, 20) }),
  piece('counter', { title: Title, figure: oneOf(FIGURES_OF_SHOW) }),
  piece('text', { text: Type.String({ maxLength: 500 }) }),
  // The games, each while a round of it is on, or always with its place kept.
  ...ROUND_KINDS.map((of) => piece(of, ROUND)),
  // The raffle that is on: its prize, word and clock, who comes in, and the draw.
  piece('raffle', ROUND),
  // The bet that is on: its outcomes as lanes that fill, and what came true.
  piece('bet', ROUND),
  // The goal that is open: how far it has come, and who gave last.
  piece('goal', ROUND),
  piece('chat', { many: whole(1, 20), seconds: whole(0, 600), bot: Type.Boolean() }),
])
export type Piece = Static<typeof Piece>
export type PieceKind = Piece['of']
export type RoundPiece = Extract<Piece, { of: RoundKind }>

const GAMES_OF: { readonly [of in PieceKind]?: readonly string[] } = ROUND_PIECES

/** Whether rounds of a game are shown by pieces of this kind. */
export const showsGame = (of: PieceKind, game: string): boolean => GAMES_OF[of]?.includes(game) ?? false

/** A page that the streaming program shows: its size, and the pieces on it from the lowest to the topmost. */
export const OverlaySettings = Type.Object(
  {
    name: Type.String({ minLength: 1, maxLength: 60, pattern: '\\S' }),
    width: whole(100, 8000),
    height: whole(100, 8000),
    pieces: Type.Array(Piece, { maxItems: 40 }),
    /** A picture to place pieces against at the desk; never shown on the stream. */
    background: orNull(PictureRef),
  },
  closed,
)
export type OverlaySettings = Static<typeof OverlaySettings>

/** A piece's look unless one chooses: the theme's. */
export const PLAIN_LOOK: Look = {
  font: 'display',
  size: 0,
  colour: '',
  ground: '',
  cover: 92,
  corner: 8,
  shadow: false,
}

/** An overlay as it begins: alerts at the lower left. */
export const FIRST_PIECES: readonly Piece[] = [
  {
    of: 'alerts',
    id: 'alerts',
    x: 60,
    y: 640,
    w: 1240,
    h: 380,
    locked: false,
    hidden: false,
    look: PLAIN_LOOK,
    which: 'all',
  },
]

/** An alert that shows nothing. */
const NO_ALERT: AlertSettings = {
  name: 'Unreadable alert',
  title: '',
  line: '',
  picture: null,
  sound: 'none',
  volume: 0,
  seconds: 2,
  enter: MOVES[0],
  leave: MOVES[0],
  place: PLACES[0],
  layout: LAYOUTS[0],
}

export const storedAlert = stored('alert', AlertSettings, {
  off: (kept) => ({ ...NO_ALERT, name: textIn(kept, 'name', 60) || NO_ALERT.name }),
})

export const storedPieces = stored('overlay', OverlaySettings.properties.pieces, { off: () => [] })
