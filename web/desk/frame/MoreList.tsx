import { NavLink } from 'react-router'
import { Button } from '../../parts/Button.tsx'
import { useUnsavedPages } from '../../parts/form/drafts.tsx'
import { UnsavedMark } from '../../parts/form/UnsavedMark.tsx'
import { BotOut, BotVoice } from '../show/BotButtons.tsx'
import { Lights } from '../show/ShowBar.tsx'
import type { Status } from '../status.ts'
import { OwnButtons } from './OwnButtons.tsx'
import { isUnsaved, pagesFor } from './pages.ts'

/** On a narrow window: every page, what the show bar has no room for, and what is about whoever sits here. */
export function MoreList({ status, onJump }: { status: Status; onJump: () => void }) {
  const unsaved = useUnsavedPages()
  return (
    <div className="flex flex-col gap-4 p-4">
      <p className="font-semibold break-words">{status.channel.name}</p>
      <div className="flex flex-wrap items-center gap-4">
        <Lights status={status} />
        <BotVoice voice={status.voice} />
        <BotOut voice={status.voice} />
      </div>
      <Button onClick={onJump}>Find a person or a page …</Button>
      <ul className="grid grid-cols-2 gap-2">
        {pagesFor(status).flatMap(({ pages }) =>
          pages.map(({ to, name }) => (
            <li key={to}>
              <NavLink
                to={to}
                end={to === '/'}
                className={({ isActive }) =>
                  `block min-h-11 rounded-md border px-3 py-2.5 ${isActive ? 'border-brass font-semibold' : 'border-line hover:bg-raised'}`
                }
              >
                {name}
                {isUnsaved(to, unsaved) && <UnsavedMark />}
              </NavLink>
            </li>
          )),
        )}
      </ul>
      <div className="flex flex-wrap gap-2">
        <OwnButtons caller={status.caller} owner={status.owner} />
      </div>
    </div>
  )
}
