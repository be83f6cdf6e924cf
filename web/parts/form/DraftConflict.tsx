import { digits } from '#core/currency'
import { Button } from '../Button.tsx'
import type { Conflict } from './drafts.tsx'

/** What two people changed at once: both versions, and which of them is to count. Nothing where they agree. */
export function DraftConflict({ conflict }: { conflict: Conflict | undefined }) {
  if (conflict === undefined) return null
  return (
    <div role="alert" className="flex flex-col gap-2 rounded-md border border-brass bg-brass-wash px-3 py-2">
      <p className="font-medium">Somebody else saved this while you were typing.</p>
      <table className="w-full text-left">
        <thead className="text-sm text-muted">
          <tr>
            <th scope="col" className="py-1 pr-3 font-medium">
              Field
            </th>
            <th scope="col" className="py-1 pr-3 font-medium">
              Yours
            </th>
            <th scope="col" className="py-1 font-medium">
              Saved now
            </th>
          </tr>
        </thead>
        <tbody>
          {conflict.clashes.map(({ path, mine, theirs }) => (
            <tr key={path.join('/')} className="align-top">
              <th scope="row" className="py-1 pr-3 font-normal">
                {fieldInWords(path)}
              </th>
              <td className="py-1 pr-3 break-words">{valueInWords(mine)}</td>
              <td className="py-1 break-words">{valueInWords(theirs)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <div className="flex flex-wrap gap-2">
        <Button onClick={conflict.keepMine}>Keep mine</Button>
        <Button onClick={conflict.takeTheirs}>Use what is saved now</Button>
      </div>
    </div>
  )
}

/** "Limits, per show" for the path limits/perShow. */
export function fieldInWords(path: readonly string[]): string {
  const words = path.map((name) => name.replace(/([a-z])([A-Z])/g, '$1 $2').toLowerCase()).join(', ')
  return words === '' ? 'All of it' : words.charAt(0).toUpperCase() + words.slice(1)
}

const MOST_SHOWN = 120

/** A value of a form for reading: a text as it is, "on" and "off", a list by its length. */
export function valueInWords(value: unknown): string {
  if (value === null || value === undefined || value === '') return 'nothing'
  if (typeof value === 'boolean') return value ? 'on' : 'off'
  if (typeof value === 'number') return digits(value)
  if (Array.isArray(value)) return `${value.length} ${value.length === 1 ? 'entry' : 'entries'}`
  const text = typeof value === 'string' ? value : JSON.stringify(value)
  return text.length <= MOST_SHOWN ? text : `${text.slice(0, MOST_SHOWN)} …`
}
