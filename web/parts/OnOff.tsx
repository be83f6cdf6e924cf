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
      className="group inline-flex h-7 w-12 items-center rounded-full border border-line bg-surface data-checked:border-moss data-checked:bg-moss"
    >
      <span className="size-5 translate-x-0.5 rounded-full bg-muted transition-transform group-data-checked:translate-x-6 group-data-checked:bg-panel" />
    </Switch>
  )
}
