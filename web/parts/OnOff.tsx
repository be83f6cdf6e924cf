import { Switch } from '@headlessui/react'

interface OnOffProps {
  readonly on: boolean
  /** What is on or off. */
  readonly name: string
  readonly onTurn: (on: boolean) => void
}

/** The look of everything that is switched on and off. */
export function OnOff({ on, name, onTurn }: OnOffProps) {
  return (
    <Switch
      checked={on}
      onChange={onTurn}
      aria-label={`${name} is on`}
      className="group inline-flex h-[26px] w-[40px] items-center rounded-full border border-line bg-surface data-checked:border-moss data-checked:bg-moss"
    >
      <span className="size-[18px] translate-x-[3px] rounded-full bg-muted transition-transform group-data-checked:translate-x-[17px] group-data-checked:bg-panel" />
    </Switch>
  )
}
