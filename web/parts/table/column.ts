import type { ComponentType, ReactNode } from 'react'

/** Where a column's cell stands on a card: its title, a figure that matters, a line below, beside the title, or nowhere. */
export type CardPlace = 'title' | 'figure' | 'line' | 'aside' | 'none'

/** A column of a list. */
export interface Column<R> {
  readonly id: string
  readonly head: string
  /** The head is read out and not shown: the cells say it. */
  readonly headHidden?: boolean
  readonly cell: (row: R) => ReactNode
  /** A figure: at the right, in tabular digits. */
  readonly end?: boolean
  /** The class of its width, in a table; without one it takes what is left. */
  readonly width?: string
  /** Its width by its longest figure, in letters: figures are never cut, nor may they run into each other. */
  readonly letters?: number
  /** What is too long for the row ends in dots. */
  readonly cut?: boolean
  /** What rows are sorted by when its head is pressed; without it the column cannot be sorted. */
  readonly sortBy?: (row: R) => number | string
  /** On a card; `line`, where it is left out. */
  readonly card?: CardPlace
}

export interface DataTableProps<R> {
  /** What the list holds: Commands. */
  readonly label: string
  readonly rows: readonly R[]
  readonly columns: readonly Column<R>[]
  readonly keyOf: (row: R) => string | number
  /** It fills a panel, which has the border. */
  readonly inPanel?: boolean
  /** The group a row stands in; empty: none. */
  readonly groupOf?: ((row: R) => string) | undefined
  /** What can be done with a group as a whole. */
  readonly groupAside?: (group: string, rows: readonly R[]) => ReactNode
  /** What draws a row, where one can be dragged. */
  readonly rowAs?: ComponentType<RowProps<R>>
}

export interface RowProps<R> {
  readonly row: R
  /** A row of a table, or a card of a list. */
  readonly as: 'tr' | 'li'
  readonly className: string
  readonly children: ReactNode
}

/** A list that the server sorts. */
export interface SortedThere {
  readonly by: string
  readonly down: boolean
  readonly press: (column: string) => void
}
