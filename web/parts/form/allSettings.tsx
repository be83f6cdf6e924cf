import { useSyncExternalStore } from 'react'
import { same } from '../same.ts'
import { Checkbox } from './inputs.tsx'

const KEY = 'ricompensa.allSettings'
const CHANGED = 'ricompensa-all-settings'

const subscribe = (told: () => void) => {
  window.addEventListener(CHANGED, told)
  window.addEventListener('storage', told)
  return () => {
    window.removeEventListener(CHANGED, told)
    window.removeEventListener('storage', told)
  }
}

/** Whether forms show every setting, or those that most need. Kept on this device; whoever has not chosen sees all. */
const useAll = (): boolean => useSyncExternalStore(subscribe, () => localStorage.getItem(KEY) !== 'no')

function choose(all: boolean): void {
  localStorage.setItem(KEY, all ? 'yes' : 'no')
  window.dispatchEvent(new Event(CHANGED))
}

/** Has forms begin with the settings that most need, for who opens a first channel and has not chosen. */
export function beginSimple(): void {
  if (localStorage.getItem(KEY) === null) choose(false)
}

/** A part of a form with the settings in it; a part that most do not need is `more`. */
export interface FormPart<S> {
  readonly name: string
  readonly more?: readonly (keyof S)[]
}

/** The parts of a form that are seen, and those of them in which something differs from how a new one begins. */
export function usePartsShown<S extends object>(parts: readonly FormPart<S>[], draft: S, plain: S) {
  const all = useAll()
  const differs = ({ more = [] }: FormPart<S>) => more.some((key) => !same(draft[key], plain[key]))
  const marked = parts.filter(differs).map(({ name }) => name)
  const shown = parts.filter(({ name, more }) => all || more === undefined || marked.includes(name))
  return { shown: shown.map(({ name }) => name), marked }
}

/** Shows every setting in forms, or those that most need. */
export function AllSettings() {
  const all = useAll()
  return (
    <Checkbox on={all} onTick={choose}>
      All settings
    </Checkbox>
  )
}

/** Beside the name of a part in which something differs from how a new one begins. */
export const Differs = () => (
  <>
    <span aria-hidden="true" title="changed from the default" className="ml-1.5 text-brass-text">
      •
    </span>
    <span className="sr-only">, changed from the default</span>
  </>
)
