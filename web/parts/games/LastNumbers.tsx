import { clsx } from 'clsx'
import { colourOf } from '#core/games'

const LOOKS = {
  red: 'border-brick text-brick-text',
  black: 'border-steel text-text',
  green: 'border-moss text-moss-text',
} as const

/** The last numbers of the wheel, the latest first. */
export function LastNumbers({ last }: { last: readonly number[] }) {
  if (last.length === 0) return null
  return (
    <div className="mt-3">
      <p className="text-note text-muted">The last numbers, the latest first</p>
      <ol className="tabular mt-1 flex flex-wrap gap-1.5">
        {last.map((number, i) => {
          const colour = colourOf(number)
          return (
            <li
              // biome-ignore lint/suspicious/noArrayIndexKey: numbers repeat, their place does not
              key={i}
              className={clsx(
                'w-8 rounded border py-0.5 text-center',
                LOOKS[colour],
                colour === 'black' && 'bg-raised',
              )}
            >
              {number}
              <span className="sr-only"> {colour}</span>
            </li>
          )
        })}
      </ol>
    </div>
  )
}
