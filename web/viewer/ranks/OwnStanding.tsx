import { durationInWords, inWords } from '#core/currency'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Problem } from '../../parts/feedback/Notice.tsx'
import { RankProgress } from '../../parts/RankProgress.tsx'
import { useChange } from '../../parts/useChange.ts'
import { useChannel } from '../channel.ts'
import { type Standing, useStanding } from '../standing.ts'

/** One's own rank and the way to the next, hours, streak, circles; checking in. */
export function OwnStanding() {
  const { currency } = useChannel()
  const standing = useStanding()
  if (!standing?.known) return null
  const { rank, checkIn, circles, watchedSeconds = 0 } = standing
  return (
    <section
      aria-label="Your rank and roles"
      className="mb-7 flex flex-col gap-4 rounded-md border border-line bg-panel p-4"
    >
      {rank && <RankProgress rank={rank} currency={currency} />}
      <dl className="grid grid-cols-2 gap-3">
        <div>
          <dt className="text-sm text-muted">Watched</dt>
          <dd className="tabular text-lg font-semibold">{durationInWords(watchedSeconds - (watchedSeconds % 60))}</dd>
        </div>
        {checkIn && (
          <div>
            <dt className="text-sm text-muted">Shows in a row</dt>
            <dd className="tabular text-lg font-semibold">
              {checkIn.streak} <span className="text-sm font-normal text-muted">best {checkIn.best}</span>
            </dd>
          </div>
        )}
      </dl>
      {circles.length > 0 && (
        <p>
          In the {circles.length === 1 ? 'circle' : 'circles'} {circles.join(', ')}
        </p>
      )}
      {checkIn && <CheckIn checkIn={checkIn} />}
    </section>
  )
}

function CheckIn({ checkIn }: { checkIn: NonNullable<Standing['checkIn']> }) {
  const { currency } = useChannel()
  const check = useChange({
    ask: () => answerOf(api.POST('/me/check-in')),
    invalidates: 'all',
    said: ({ paid, streak }) =>
      `Checked in: ${inWords(paid, currency)}${streak > 1 ? `, ${streak} shows in a row` : ''}.`,
    inPlace: true,
  })
  if (checkIn.done) return <p className="text-moss-text">You are checked in to this show.</p>
  if (!checkIn.open) return <p className="text-muted">Check-in opens when the show is on.</p>
  return (
    <>
      <Button look="main" disabled={check.isPending} onClick={() => check.mutate()}>
        Check in to this show
      </Button>
      {check.error && <Problem error={check.error} />}
    </>
  )
}
