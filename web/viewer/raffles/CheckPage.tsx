import { useState } from 'react'
import { digits } from '#core/currency'
import { type RaffleFile, readRaffleFile } from '#core/raffles'
import { usePageTitle } from '../../parts/page/PageTitle.tsx'
import { CheckedFile } from './CheckPart.tsx'

/** Checks a raffle from its file: nothing is asked of the server, so it works without a connection. */
export function CheckPage() {
  usePageTitle('Check a raffle')
  const [read, setRead] = useState<{ file: RaffleFile } | { fault: string }>()
  const take = async (file: File | undefined) => {
    if (file !== undefined) setRead(readRaffleFile(await file.text()))
  }
  return (
    <>
      <h2 className="text-xl">Verify a past raffle</h2>
      <p className="mt-1 text-muted">
        Choose the JSON file from a raffle’s page. Everything is computed in your browser, even offline.
      </p>
      <label className="mt-4 flex flex-col gap-1">
        The file
        <input
          type="file"
          accept="application/json,.json"
          onChange={(event) => void take(event.target.files?.[0])}
          className="rounded-md border border-line bg-panel px-3 py-2"
        />
      </label>
      {read !== undefined && 'fault' in read && (
        <p role="alert" className="mt-3 text-brick-text">
          {read.fault}
        </p>
      )}
      {read !== undefined && 'file' in read && (
        <section aria-labelledby="checked" className="mt-5">
          <h3 id="checked" className="text-lg">
            {read.file.title}, no. {read.file.id}
          </h3>
          <p className="tabular text-muted">
            {digits(read.file.entrants.length)} entrants, {digits(read.file.winners.length)} drawn.
          </p>
          <CheckedFile file={read.file} />
        </section>
      )}
    </>
  )
}
