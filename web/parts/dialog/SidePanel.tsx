import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react'
import { clsx } from 'clsx'
import type { ReactNode } from 'react'
import { Button } from '../Button.tsx'
import { Differs } from '../form/allSettings.tsx'

interface SidePanelProps {
  readonly title: string
  readonly close: () => void
  /** The parts there are, and which one is shown. */
  readonly parts: readonly string[]
  readonly part: string
  readonly setPart: (part: string) => void
  /** Parts in which something differs from how a new one begins. */
  readonly marked?: readonly string[]
  /** At the end of the line of parts. */
  readonly aside?: ReactNode
  /** Below the part, always in view. */
  readonly foot: ReactNode
  readonly children: ReactNode
}

type PartTabsProps = Pick<SidePanelProps, 'parts' | 'part' | 'setPart' | 'marked'>

const PartTabs = ({ parts, part, setPart, marked = [] }: PartTabsProps) => (
  <div role="tablist" aria-label="Parts of the form" className="flex flex-wrap gap-x-1">
    {parts.map((name) => (
      <button
        key={name}
        type="button"
        role="tab"
        aria-selected={name === part}
        onClick={() => setPart(name)}
        className={clsx(
          '-mb-px border-b-2 px-3 py-1.5 whitespace-nowrap',
          name === part ? 'border-brass font-semibold' : 'border-transparent hover:bg-raised',
        )}
      >
        {name}
        {marked.includes(name) && <Differs />}
      </button>
    ))}
  </div>
)

/** A form at the side of a list, which stays in view; in parts, with what saves it always in reach. */
export function SidePanel(props: SidePanelProps) {
  const { title, close, parts, part: wanted, setPart, marked = [], aside, foot, children } = props
  const part = parts.includes(wanted) ? wanted : (parts[0] ?? wanted)
  return (
    <Dialog open onClose={close} className="fixed inset-0 z-30">
      <div className="fixed inset-y-0 right-0 flex w-full max-w-176 pt-14">
        <DialogPanel className="flex min-h-0 w-full flex-col border-l border-line bg-panel shadow-aside">
          <div className="flex items-center justify-between gap-3 px-5 pt-3">
            <DialogTitle className="truncate text-xl">{title}</DialogTitle>
            <Button look="quiet" onClick={close} shortcut="Esc">
              Close
            </Button>
          </div>
          <div className="flex flex-wrap items-center justify-between gap-x-3 border-b border-line px-5 pt-2 max-sm:px-2">
            <PartTabs parts={parts} part={part} setPart={setPart} marked={marked} />
            {aside}
          </div>
          <div role="tabpanel" aria-label={part} className="min-h-0 flex-1 overflow-y-auto px-5 py-4">
            {children}
          </div>
          <footer className="border-t border-line px-5 py-3">{foot}</footer>
        </DialogPanel>
      </div>
    </Dialog>
  )
}
