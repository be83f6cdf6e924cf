import { Button } from '../Button.tsx'
import { useDraftsOf } from './drafts.tsx'

interface UnsavedListProps {
  /** The kind of form, as its drafts are kept: `command`. */
  readonly kind: string
  /** What a draft is called; `undefined`: what it was of was removed meanwhile. */
  readonly nameOf: (id: string) => string | undefined
  readonly open: (id: string) => void
}

/** Above a list: what was typed into its forms and is not saved, one press away. Nothing where all is saved. */
export function UnsavedList({ kind, nameOf, open }: UnsavedListProps) {
  const { ids, drop } = useDraftsOf(kind)
  if (ids.length === 0) return null
  return (
    <section
      aria-label="Unsaved changes"
      className="flex flex-wrap items-center gap-2 rounded-md border border-brass bg-brass-wash px-3 py-2"
    >
      <p className="font-medium">Unsaved changes:</p>
      <ul className="flex flex-wrap gap-2">
        {ids.map((id) => {
          const name = nameOf(id)
          return (
            <li key={id}>
              {name === undefined ? (
                <Button onClick={() => drop(id)}>Discard the changes to something removed</Button>
              ) : (
                <Button onClick={() => open(id)}>{name}</Button>
              )}
            </li>
          )
        })}
      </ul>
    </section>
  )
}
