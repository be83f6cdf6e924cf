import { clsx } from 'clsx'

export interface ColumnHead {
  readonly name: string
  /** Figures stand at its end. */
  readonly end?: boolean
  /** Its name is for screen readers only. */
  readonly hidden?: boolean
  readonly className?: string
}

/** The heads of a small table that is read and not sorted. */
export const ColumnHeads = ({ heads }: { readonly heads: readonly ColumnHead[] }) => (
  <thead className="text-left text-note text-muted">
    <tr>
      {heads.map(({ name, end = false, hidden = false, className }) => (
        <th key={name} scope="col" className={clsx('py-1 font-normal', end && 'text-right', className)}>
          {hidden ? <span className="sr-only">{name}</span> : name}
        </th>
      ))}
    </tr>
  </thead>
)
