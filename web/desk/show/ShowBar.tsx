import { clsx } from 'clsx'
import { useState } from 'react'
import { Button, Key } from '../../parts/Button.tsx'
import { Figure } from '../../parts/Figure.tsx'
import { Light } from '../../parts/feedback/Light.tsx'
import { Mark } from '../../parts/Mark.tsx'
import { clockText, useNow } from '../../parts/time.ts'
import { GoOffAirDialog, GoOnAirDialog } from '../later.tsx'
import { IfMayIn } from '../rights.tsx'
import type { Status } from '../status.ts'
import { BotVoice } from './BotButtons.tsx'

function Counts({ status: { show, present, currency }, wide }: { status: Status; wide: boolean }) {
  return (
    <dl className="flex min-w-0 flex-1 items-center justify-around gap-2 px-2 lg:flex-none lg:justify-start lg:gap-7 lg:px-5">
      <Count name="present">
        <Figure value={present} />
      </Count>
      {show && (
        <>
          <Count name={wide ? `${currency.many} paid` : 'paid'}>
            <Figure value={show.paid} signed />
          </Count>
          <Count name={wide ? `${currency.many} spent` : 'spent'}>
            <Figure value={-show.spent} signed />
          </Count>
        </>
      )}
    </dl>
  )
}

/** Across the top of every page: on or off air, the show's figures, connections, the bot's voice. */
export function ShowBar({ status, wide, onJump }: { status: Status; wide: boolean; onJump: () => void }) {
  return (
    <header className="flex h-14 shrink-0 items-stretch border-b border-line bg-panel">
      {wide && (
        <div className="flex w-40 shrink-0 items-center border-r border-line px-3">
          <Mark />
        </div>
      )}
      <AirState status={status} />
      <Counts status={status} wide={wide} />
      {wide && (
        <div className="ml-auto flex items-center gap-4 px-4 text-note">
          <Lights status={status} />
          <BotVoice voice={status.voice} />
          <button
            type="button"
            onClick={onJump}
            aria-label="Ctrl K: go to a page or a viewer, or do something"
            className="text-muted hover:text-text"
          >
            <Key>Ctrl K</Key>
          </button>
        </div>
      )}
    </header>
  )
}

function AirState({ status }: { status: Status }) {
  const [dialog, setDialog] = useState<'on' | 'off'>()
  const now = useNow(status.ahead)
  const show = status.show?.status === 'on' ? status.show : null
  return (
    <div
      className={clsx('flex items-center gap-2 border-r border-line px-2 lg:gap-3 lg:px-4', show && 'bg-brass-wash')}
    >
      <span aria-hidden="true" className={clsx('size-2.5 rounded-full', show ? 'bg-brass' : 'border-2 border-muted')} />
      <span className={clsx('font-medium', show && 'sr-only sm:not-sr-only')}>{show ? 'On air' : 'Off air'}</span>
      {show && (
        <span role="timer" aria-label="Time on air" className="tabular font-display text-lg font-semibold sm:text-xl">
          {clockText(now - show.startedAt)}
        </span>
      )}
      <IfMayIn area="show" level="act">
        {show ? (
          <Button className="max-sm:px-2" onClick={() => setDialog('off')}>
            Go off air
          </Button>
        ) : (
          <Button look="main" onClick={() => setDialog('on')}>
            Go on air
          </Button>
        )}
      </IfMayIn>
      {dialog === 'on' && <GoOnAirDialog close={() => setDialog(undefined)} />}
      {dialog === 'off' && <GoOffAirDialog close={() => setDialog(undefined)} status={status} />}
    </div>
  )
}

function Count({ name, children }: { name: string; children: React.ReactNode }) {
  return (
    <div className="flex flex-col-reverse leading-tight">
      <dt className="text-tiny text-muted">{name}</dt>
      <dd className="text-sm font-semibold sm:text-base">{children}</dd>
    </div>
  )
}

/** Whether chat and the overlays are connected. */
export function Lights({ status }: { status: Status }) {
  const { chat, overlays } = status
  const open = overlays.filter(({ connected }) => connected).length
  const words = {
    connected: 'Chat',
    connecting: 'Chat: connecting …',
    refused: 'Chat: refused',
    off: 'Chat: no address',
    out: 'Chat: the bot is out',
  }
  return (
    <>
      <Light good={chat.status === 'connected'}>{words[chat.status]}</Light>
      <Light good={open > 0}>{`Overlay: ${open} of ${overlays.length}`}</Light>
    </>
  )
}
