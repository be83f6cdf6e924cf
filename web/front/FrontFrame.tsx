import { clsx } from 'clsx'
import type { ReactNode } from 'react'
import { Mark } from '../parts/Mark.tsx'
import { PageTitle } from '../parts/page/PageTitle.tsx'

interface FrontFrameProps {
  readonly title: string
  readonly wide?: boolean
  readonly children: ReactNode
}

/** A page of the installation: its mark, its heading, and what it is about. */
export const FrontFrame = ({ title, wide = false, children }: FrontFrameProps) => (
  <main className={clsx('mx-auto flex min-h-dvh flex-col gap-5 p-5', wide ? 'max-w-6xl' : 'max-w-xl')}>
    <a href="/" className="self-start">
      <Mark />
    </a>
    <PageTitle>{title}</PageTitle>
    {children}
  </main>
)
