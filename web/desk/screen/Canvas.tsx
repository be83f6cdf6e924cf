import { useDrag } from '@use-gesture/react'
import { clsx } from 'clsx'
import { type KeyboardEvent, useEffect, useLayoutEffect, useRef, useState } from 'react'
import type { OverlaySettings, Piece } from '#core/screen'
import { SAMPLE_VIEWER } from '#core/texts'
import { drawAlert } from '../../parts/screen/drawAlert.ts'
import { drawPiece } from '../../parts/screen/pieces.ts'
import '../../parts/screen/pieces.css'
import { isVideo, mediaAddress, mediaBase } from '../../parts/media.ts'
import { useStatus } from '../status.ts'
import { pieceName, sampleOf } from './pieces.ts'
import { type Box, keyed, linesOf, snapMoved, snapSized } from './snap.ts'

interface CanvasProps {
  readonly draft: OverlaySettings
  readonly chosen: string | undefined
  readonly choose: (id: string | undefined) => void
  readonly put: (id: string, box: Box) => void
  readonly remove: (id: string) => void
}

/** The overlay's canvas, as large as there is room: pieces are dragged, sized and moved by keys, and stick to edges nearby. */
export function Canvas({ draft, chosen, choose, put, remove }: CanvasProps) {
  const base = mediaBase(useStatus().channel.slug)
  const { width, height, pieces, background } = draft
  const { room, scale } = useScale(width, height)
  return (
    <div ref={room} className="aspect-video max-h-full min-w-0">
      <div
        className="relative overflow-hidden rounded-md border border-line bg-picture"
        style={{ width: width * scale, height: height * scale }}
      >
        {background !== null && <Background address={mediaAddress(background, base)} moves={isVideo(background)} />}
        {pieces.map((piece) => (
          <PieceOnCanvas
            key={piece.id}
            piece={piece}
            draft={draft}
            scale={scale}
            chosen={chosen === piece.id}
            choose={() => choose(piece.id)}
            put={(box) => put(piece.id, box)}
            remove={() => remove(piece.id)}
          />
        ))}
      </div>
    </div>
  )
}

/** How much smaller than the overlay its canvas is, so that it fills what room there is. */
function useScale(width: number, height: number) {
  const room = useRef<HTMLDivElement>(null)
  const [scale, setScale] = useState(0.3)
  useLayoutEffect(() => {
    const element = room.current
    if (element === null) return
    const measure = () => setScale(Math.min(element.clientWidth / width, element.clientHeight / height) || 0.1)
    measure()
    const watch = new ResizeObserver(measure)
    watch.observe(element)
    return () => watch.disconnect()
  }, [width, height])
  return { room, scale }
}

function Background({ address, moves }: { address: string; moves: boolean }) {
  const fills = 'absolute inset-0 size-full object-cover'
  return moves ? <video src={address} muted className={fills} /> : <img src={address} alt="" className={fills} />
}

interface PieceOnCanvasProps {
  readonly piece: Piece
  readonly draft: OverlaySettings
  readonly scale: number
  readonly chosen: boolean
  readonly choose: () => void
  readonly put: (box: Box) => void
  readonly remove: () => void
}

/** How a piece is moved and sized by pointer: where it sticks to is decided by the pieces beside it. */
function usePieceDrag({ piece, draft, scale, choose, put }: PieceOnCanvasProps) {
  const { x, y, w, h, locked } = piece
  const lines = linesOf(
    draft,
    draft.pieces.filter(({ id }) => id !== piece.id),
  )
  const move = useDrag(
    // From where it was taken to where the pointer is: the library's own movement leaves out what it takes to tell a drag from a press.
    ({ xy: [px, py], initial: [ix, iy], memo, tap, first }) => {
      const from = (memo as Box | undefined) ?? { x, y, w, h }
      const [dx, dy] = [px - ix, py - iy]
      if (first) choose()
      if (!tap && !locked) put(snapMoved({ ...from, x: from.x + dx / scale, y: from.y + dy / scale }, lines))
      return from
    },
    { filterTaps: true, pointer: { keys: false } },
  )
  const size = useDrag(
    ({ movement: [dx, dy], memo, event }) => {
      event.stopPropagation()
      const from = (memo as Box | undefined) ?? { x, y, w, h }
      put(snapSized({ ...from, w: from.w + dx / scale, h: from.h + dy / scale }, lines))
      return from
    },
    { pointer: { keys: false } },
  )
  return { move, size }
}

const HANDLE =
  'absolute -right-1.5 -bottom-1.5 size-3.5 cursor-nwse-resize touch-none rounded-sm border border-on-brass bg-brass'

function PieceOnCanvas(props: PieceOnCanvasProps) {
  const { piece, scale, chosen, choose, put, remove } = props
  const { x, y, w, h, locked, hidden } = piece
  const { move, size } = usePieceDrag(props)
  const press = (event: KeyboardEvent) => {
    if (event.key === 'Delete' && !locked) return remove()
    const next = locked ? undefined : keyed({ x, y, w, h }, event.key, { shift: event.shiftKey, alt: event.altKey })
    if (next === undefined) return
    event.preventDefault()
    put(next)
  }
  return (
    <div
      className={clsx('absolute', hidden && 'opacity-35')}
      style={{ left: x * scale, top: y * scale, width: w * scale, height: h * scale }}
    >
      <Sample piece={piece} scale={scale} height={props.draft.height} />
      {/* biome-ignore lint/a11y/useSemanticElements: a button could not hold the handle that changes its size */}
      <div
        role="button"
        tabIndex={0}
        aria-label={`${pieceName(piece)}, at ${x} and ${y}, ${w} wide, ${h} high${locked ? ', locked' : ''}${hidden ? ', hidden' : ''}`}
        aria-pressed={chosen}
        onFocus={choose}
        onKeyDown={press}
        {...move()}
        className={clsx(
          'absolute inset-0 touch-none select-none',
          locked ? 'cursor-default' : 'cursor-move',
          chosen ? 'outline-2 outline-brass' : 'outline outline-dashed outline-text/40 hover:outline-text',
        )}
      >
        {chosen && !locked && <span aria-hidden="true" {...size()} className={HANDLE} />}
      </div>
    </div>
  )
}

/** The piece as the overlay draws it, with sample content. */
function Sample({ piece, scale, height }: { piece: Piece; scale: number; height: number }) {
  const { channel, currency } = useStatus()
  const stage = useRef<HTMLDivElement>(null)
  const many = currency.many
  useEffect(() => {
    const element = stage.current
    if (element === null) return
    const drawn = drawPiece(element, { ...piece, x: 0, y: 0 }, 0, height)
    drawn.show(sampleOf(piece, many))
    if (piece.of === 'alerts')
      drawAlert(
        drawn.element,
        {
          title: 'Next up: your question',
          line: `from ${SAMPLE_VIEWER} for 900 ${many}`,
          picture: 'tag',
          sound: 'none',
          volume: 0,
          seconds: 5,
          enter: 'none',
          leave: 'none',
          place: 'bottomLeft',
          layout: 'beside',
          alert: null,
        },
        mediaBase(channel.slug),
      )
    return () => drawn.element.remove()
  }, [piece, many, channel.slug, height])
  return (
    <div className="pointer-events-none absolute inset-0 overflow-hidden" aria-hidden="true">
      <div ref={stage} className="stage" style={{ width: piece.w, height: piece.h, transform: `scale(${scale})` }} />
    </div>
  )
}
