import type { ReactNode } from 'react'

/** Keeps a table as wide as it has to be: in a narrow window it scrolls within itself, and the page does not. */
export const WideTable = ({ children }: { children: ReactNode }) => (
  <div className="relative max-lg:overflow-x-auto [&>table]:max-lg:min-w-2xl">{children}</div>
)
