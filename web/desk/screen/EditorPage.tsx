import { useQuery } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { Link, useParams } from 'react-router'
import { type OverlaySettings, overlayFault, type Piece } from '#core/screen'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { changedFrom } from '../../parts/form/changedFrom.ts'
import { DraftConflict } from '../../parts/form/DraftConflict.tsx'
import { useDraft } from '../../parts/form/drafts.tsx'
import { PageHead } from '../../parts/page/PageHead.tsx'
import { useChange } from '../../parts/useChange.ts'
import { type OverlayShown, type ScreenView, screenQuery } from '../library/library.ts'
import { Canvas } from './Canvas.tsx'
import { CanvasFields } from './CanvasFields.tsx'
import { Layers } from './Layers.tsx'
import { PieceFields } from './PieceFields.tsx'
import { freePlace, freshMark, PIECE_KINDS, settingsOf } from './pieces.ts'

/** Arranges an overlay: its pieces on the canvas, their order, and what each shows. */
export function EditorPage() {
  const id = Number(useParams().overlay)
  const screen = useQuery(screenQuery)
  const overlay = screen.data?.overlays.find((one) => one.id === id)
  if (screen.isPending) return <Loading what="the overlay" />
  if (screen.isError) return <Problem error={screen.error} retry={() => void screen.refetch()} />
  if (overlay === undefined)
    return (
      <p>
        This overlay no longer exists.{' '}
        <Link to="/screen" className="text-brass-text underline">
          See the others
        </Link>
      </p>
    )
  return <Editor key={overlay.id} overlay={overlay} view={screen.data} />
}

const MOST_UNDONE = 100

/** The draft with its way back. */
function useEdits(overlay: OverlayShown) {
  const kept = useDraft<OverlaySettings>(`overlay/${overlay.id}`, settingsOf(overlay))
  const { draft, put } = kept
  const [before, setBefore] = useState<readonly OverlaySettings[]>([])
  const edit = (next: OverlaySettings) => {
    setBefore((list) => [...list.slice(-MOST_UNDONE), draft])
    put(next)
  }
  const undo = () => {
    const last = before.at(-1)
    if (last === undefined) return
    setBefore(before.slice(0, -1))
    put(last)
  }
  return { ...kept, edit, undo, undoable: before.length > 0 }
}

/** What can be done with an overlay's pieces. */
function usePieces({ draft, edit }: Pick<ReturnType<typeof useEdits>, 'draft' | 'edit'>) {
  const [chosen, setChosen] = useState<string>()
  const putPieces = (pieces: Piece[]) => edit({ ...draft, pieces })
  return {
    chosen,
    setChosen,
    putPieces,
    put: (id: string, patch: Partial<Piece>) =>
      putPieces(draft.pieces.map((one) => (one.id === id ? ({ ...one, ...patch } as Piece) : one))),
    remove: (id: string) => putPieces(draft.pieces.filter((one) => one.id !== id)),
    add: (made: Piece) => {
      putPieces([...draft.pieces, made])
      setChosen(made.id)
    },
  }
}

function Editor({ overlay, view }: { overlay: OverlayShown; view: ScreenView }) {
  const { draft, changed, conflict, settle, edit, undo, undoable } = useEdits(overlay)
  const pieces = usePieces({ draft, edit })
  const wrong = draft.name.trim() === '' ? 'Type a name for the overlay.' : overlayFault(draft)
  const save = useChange({
    ask: (sent: OverlaySettings) =>
      answerOf(
        api.PUT('/desk/overlays/{overlay}', {
          params: { path: { overlay: overlay.id } },
          body: sent,
          ...changedFrom(settingsOf(overlay)),
        }),
      ),
    invalidates: ['screen'],
    onFresh: (_, sent) => settle(sent),
    inPlace: true,
  })
  useUndoKey(undo)
  return (
    <div className="flex flex-col gap-3 lg:h-full">
      <EditorHead
        overlay={overlay}
        draft={draft}
        changed={changed}
        wrong={wrong}
        saving={save.isPending}
        save={() => save.mutate(draft)}
        undo={undoable ? undo : undefined}
        back={() => edit(settingsOf(overlay))}
      />
      <DraftConflict conflict={conflict} />
      {save.error && changed && <Problem error={save.error} />}
      <Stage draft={draft} edit={edit} pieces={pieces} alerts={view.alerts} />
    </div>
  )
}

interface StageProps {
  readonly draft: OverlaySettings
  readonly edit: (next: OverlaySettings) => void
  readonly pieces: ReturnType<typeof usePieces>
  readonly alerts: ScreenView['alerts']
}

/** The canvas with its layers, and beside it what is chosen. */
function Stage({ draft, edit, pieces, alerts }: StageProps) {
  const { chosen, setChosen, put, remove, add, putPieces } = pieces
  const piece = draft.pieces.find(({ id }) => id === chosen)
  return (
    <div className="flex min-h-0 flex-1 gap-4 max-lg:flex-col">
      <div className="flex min-h-0 min-w-0 flex-1 flex-col gap-4 lg:overflow-y-auto">
        <Canvas draft={draft} chosen={chosen} choose={setChosen} put={put} remove={remove} />
        <AddPiece draft={draft} add={add} />
        <Layers pieces={draft.pieces} chosen={chosen} choose={setChosen} setPieces={putPieces} />
      </div>
      <div className="flex shrink-0 flex-col gap-4 lg:w-68 lg:overflow-y-auto">
        {piece ? (
          <PieceFields
            key={piece.id}
            piece={piece}
            put={(patch) => put(piece.id, patch)}
            remove={() => remove(piece.id)}
            back={() => setChosen(undefined)}
            alerts={alerts}
          />
        ) : (
          <CanvasFields draft={draft} put={(patch) => edit({ ...draft, ...patch })} />
        )}
      </div>
    </div>
  )
}

interface EditorHeadProps {
  readonly overlay: OverlayShown
  readonly draft: OverlaySettings
  readonly changed: boolean
  readonly wrong: string | undefined
  readonly saving: boolean
  readonly save: () => void
  readonly undo: (() => void) | undefined
  readonly back: () => void
}

function EditorHead({ overlay, draft, changed, wrong, saving, save, undo, back }: EditorHeadProps) {
  return (
    <PageHead
      title={draft.name || 'An overlay'}
      back={{ to: '/screen', name: 'Overlays' }}
      below={
        <p className="tabular text-sm text-muted">
          {draft.width} × {draft.height} · {overlay.connected ? 'connected' : 'not connected'}
        </p>
      }
    >
      <span role="status" className={`ml-auto ${changed ? 'text-brass-text' : 'text-muted'}`}>
        {wrong ?? (changed ? 'Unsaved changes.' : 'Saved.')}
      </span>
      <Button disabled={undo === undefined} onClick={undo}>
        Undo
      </Button>
      {changed && <Button onClick={back}>Discard changes</Button>}
      <Button look="main" disabled={!changed || wrong !== undefined || saving} onClick={save}>
        {saving ? 'Saving …' : 'Save now'}
      </Button>
    </PageHead>
  )
}

function AddPiece({ draft, add }: { draft: OverlaySettings; add: (piece: Piece) => void }) {
  const place = (kind: (typeof PIECE_KINDS)[number]): Piece => {
    const made = kind.fresh({ id: freshMark(draft.pieces, kind.of), x: 0, y: 0 })
    return { ...made, ...freePlace(draft, draft.pieces, made) }
  }
  return (
    <section aria-label="Add a piece">
      <h2 className="mb-1.5 text-base">Add a piece</h2>
      <ul className="grid grid-cols-2 gap-1.5 sm:grid-cols-3">
        {PIECE_KINDS.map((kind) => (
          <li key={kind.of}>
            <Button className="w-full whitespace-normal" title={kind.tells} onClick={() => add(place(kind))}>
              {kind.name}
            </Button>
          </li>
        ))}
      </ul>
    </section>
  )
}

function useUndoKey(undo: () => void): void {
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const typing = event.target instanceof HTMLInputElement || event.target instanceof HTMLTextAreaElement
      if (!(event.ctrlKey || event.metaKey) || event.key !== 'z' || event.shiftKey || typing) return
      event.preventDefault()
      undo()
    }
    window.addEventListener('keydown', press)
    return () => window.removeEventListener('keydown', press)
  }, [undo])
}
