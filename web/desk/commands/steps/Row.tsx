import type { ReactNode } from 'react'

export const Row = ({ children }: { children: ReactNode }) => (
  <div className="flex flex-wrap items-center gap-2">{children}</div>
)
