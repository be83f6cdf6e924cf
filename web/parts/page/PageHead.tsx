import { clsx } from 'clsx'
import { createContext, type ReactNode, use, useState } from 'react'
import { createPortal } from 'react-dom'
import { Link } from 'react-router'
import { PageTabs, type Tab } from './PageTabs.tsx'
import { PageTitle } from './PageTitle.tsx'

interface PageHeadProps {
  readonly title: string
  /** The page that it belongs to. */
  readonly back?: { readonly to: string; readonly name: string }
  /** A line or two below the title. */
  readonly below?: ReactNode
  /** At the right: the page's one primary action, and what else is about the page as a whole. */
  readonly children?: ReactNode
  /** Pages that belong together, in a row under the title. */
  readonly tabs?: readonly Tab[] | undefined
}

/** The head of a page: its title, its actions at the right, and its tabs under them. */
export function PageHead({ title, back, below, children, tabs }: PageHeadProps) {
  return (
    <header className="flex flex-col gap-2">
      {back && (
        <p>
          <Link to={back.to} className="underline underline-offset-2">
            {back.name}
          </Link>
        </p>
      )}
      <div className="flex min-h-9 flex-wrap items-center gap-x-4 gap-y-2">
        <div className="min-w-0">
          <PageTitle>{title}</PageTitle>
          {below}
        </div>
        {children}
      </div>
      {tabs && <PageTabs label={`Tabs of ${title}`} tabs={tabs} />}
    </header>
  )
}

// In a narrow window below the title, from the left.
const ROW = 'flex flex-1 flex-wrap items-center justify-end gap-x-3 gap-y-2 max-sm:basis-full max-sm:justify-start'

/** Where the head leaves room for what the page below it puts there; `undefined`: no head is above. */
const Room = createContext<HTMLElement | null | undefined>(undefined)

interface HeadedProps extends Pick<PageHeadProps, 'title' | 'tabs'> {
  /** The page is as high as the window: what is long scrolls within it. */
  readonly fills?: boolean
  readonly children: ReactNode
}

/** A page under a head that stands before the page itself is there; the page puts its own actions into it by `PageActions`. */
export function HeadedPage({ title, tabs, fills = false, children }: HeadedProps) {
  const [room, setRoom] = useState<HTMLElement | null>(null)
  return (
    <div className={clsx('flex max-w-6xl flex-col gap-4', fills ? 'min-h-full lg:h-full lg:min-h-0' : 'min-h-full')}>
      <PageHead title={title} tabs={tabs}>
        <div ref={setRoom} className={clsx(ROW, 'empty:hidden')} />
      </PageHead>
      <Room value={room}>{children}</Room>
    </div>
  )
}

/** Puts a page's actions beside its title; a note stands at the left of them. */
export function PageActions({ note, children }: { note?: ReactNode; children?: ReactNode }) {
  const room = use(Room)
  const all = (
    <>
      {note && <div className="mr-auto text-muted">{note}</div>}
      {children}
    </>
  )
  if (room === undefined) return <div className={ROW}>{all}</div>
  return room === null ? null : createPortal(all, room)
}
