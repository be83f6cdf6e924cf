import { DownloadButton } from '../../parts/DownloadButton.tsx'
import { useStanding } from '../standing.ts'

/** All that the channel keeps of the one who looks, as a file; and how to be forgotten. Nothing for who is not known yet. */
export function EverythingPart() {
  if (useStanding()?.known !== true) return null
  return (
    <section aria-labelledby="everything" className="mb-7">
      <h2 id="everything" className="mb-1 text-xl">
        Everything about me
      </h2>
      <p className="mb-2">
        Save a file with all that this channel keeps about you: your orders, games, raffles, messages and every change
        of your balance. Only the team’s own notes are not in it. To be forgotten, ask the streamer.
      </p>
      <DownloadButton path="/me/everything.json" className="min-h-touch">
        Save everything about me
      </DownloadButton>
    </section>
  )
}
