import type { ReactNode } from 'react'
import { Button } from '../../parts/Button.tsx'
import { Empty } from '../../parts/page/Panel.tsx'
import { OrStarter } from './OrStarter.tsx'

/** A page with nothing on it yet: what it is for, its first step, and the starter. */
export const NothingYet = ({ add, children }: { readonly add: () => void; readonly children: ReactNode }) => (
  <Empty
    action={
      <span className="flex flex-wrap items-center gap-3">
        <Button needs="change" onClick={add}>
          Add the first one
        </Button>
        <OrStarter />
      </span>
    }
  >
    {children}
  </Empty>
)
