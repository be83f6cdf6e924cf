import { Popover, PopoverButton, PopoverPanel } from '@headlessui/react'
import { BellRing } from 'lucide-react'
import { useEffect, useRef, useState } from 'react'
import { SOUNDS, type Sound } from '#core/screen'
import { Checkbox, Select, Slider } from '../../parts/form/inputs.tsx'
import { playSound } from '../../parts/sound.ts'
import { type Arrival, readArrival, writeArrival } from './arrival.ts'

/** How this computer tells of a new order: which sound, how loud, and whether by a notice of the browser. Open from the start: it was pressed to be loaded. */
export function ArrivalMenu() {
  const button = useRef<HTMLButtonElement>(null)
  useEffect(() => button.current?.click(), [])
  return (
    <Popover>
      <PopoverButton
        ref={button}
        aria-label="Notifications of new orders"
        className="rounded p-1 text-muted hover:text-text"
      >
        <BellRing aria-hidden="true" className="size-4" />
      </PopoverButton>
      <PopoverPanel
        anchor="bottom end"
        className="z-30 flex w-72 flex-col gap-3 rounded-md border border-line bg-panel p-4 shadow-lg"
      >
        <ArrivalFields />
      </PopoverPanel>
    </Popover>
  )
}

function ArrivalFields() {
  const [arrival, setArrival] = useState(readArrival)
  const [refused, setRefused] = useState(false)
  const put = (patch: Partial<Arrival>) => {
    const next = { ...arrival, ...patch }
    setArrival(next)
    writeArrival(next)
  }
  const notices = async (on: boolean) => {
    const allowed =
      !on || (typeof Notification !== 'undefined' && (await Notification.requestPermission()) === 'granted')
    setRefused(!allowed)
    put({ notice: on && allowed })
  }
  const sound = (next: Sound) => {
    put({ sound: next })
    void playSound(next, arrival.volume / 100)
  }
  return (
    <>
      <p className="font-semibold">When something new is waiting</p>
      <Select label="Sound of a new order" value={arrival.sound} choices={CHOICES} onChoose={sound} />
      <Slider
        label="Volume"
        value={arrival.volume}
        onValue={(volume) => put({ volume })}
        onDone={() => void playSound(arrival.sound, arrival.volume / 100)}
      />
      <Checkbox on={arrival.notice} onTick={(on) => void notices(on)}>
        A browser notification while this page is in the background
      </Checkbox>
      {refused && <p className="text-brick-text">The browser blocks notifications here. Allow them in its settings.</p>}
      <p className="text-sm text-muted">For this device only.</p>
    </>
  )
}

const CHOICES = SOUNDS.map((value) => ({ value, name: value === 'none' ? 'No sound' : `Sound: ${value}` }))
