import { useState } from 'react'
import { Chat } from './Chat.tsx'
import { Happenings } from './Happenings.tsx'
import { Hooks } from './Hooks.tsx'
import { Points } from './Points.tsx'
import { useRoom } from './room.ts'
import { Stage } from './Stage.tsx'

/** The stand-in's one page: the stream as the audience sees it, and its chat, where anyone can be played. */
export function Page() {
  const [as, setAs] = useState('pia_ohm')
  const [chosen, setChosen] = useState('')
  const room = useRoom(as, chosen)
  return (
    <div className="flex h-dvh min-w-[720px] flex-col">
      <header className="flex items-baseline gap-4 border-b border-rule bg-sheet px-5 py-3">
        <h1 className="text-lg font-bold">Stand-in platform</h1>
        <p className="text-faint">A made-up streaming site for trying things out: nothing here is real.</p>
      </header>
      <div className="grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_22rem]">
        <main aria-label="Stream" className="min-w-0 overflow-y-auto p-5">
          <Stage source={room?.source} />
          <Happenings as={as} />
          <Points as={as} />
          <Hooks />
        </main>
        <Chat room={room} chosen={chosen} choose={setChosen} as={as} setAs={setAs} />
      </div>
    </div>
  )
}
