import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { digits } from '#core/currency'
import { MOST_CODES_AT_ONCE, readCodes } from '#core/store'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Problem } from '../../parts/feedback/Notice.tsx'
import { INPUT, NumberInput } from '../../parts/form/inputs.tsx'
import type { RewardShown } from './view.ts'

interface CodesPartProps {
  readonly reward: RewardShown | undefined
  readonly low: number
  readonly setLow: (low: number) => void
  readonly unsaved: boolean
}

/** The list of codes: how many are left, and more of them, pasted or from a file. */
export function CodesPart({ reward, low, setLow, unsaved }: CodesPartProps) {
  if (reward === undefined || reward.settings.kind !== 'code')
    return <p className="text-muted">Save the reward first, then add its codes here.</p>
  const { count, given } = reward.codes
  return (
    <div className="flex flex-col gap-4">
      <p className="tabular text-lg">
        <span className="font-semibold">{digits(count - given)}</span> {count - given === 1 ? 'code' : 'codes'} left,{' '}
        {digits(given)} of {digits(count)} given out.
      </p>
      <p className="flex items-center gap-2">
        <span>Warn when</span>
        <NumberInput
          label="Warn at so many codes left"
          value={low}
          most={1000}
          none="0"
          className="w-16"
          onValue={setLow}
        />
        <span>or fewer are left.</span>
      </p>
      {unsaved && <p className="text-brass-text">Your changes above are not saved yet; codes are added right away.</p>}
      <AddCodes reward={reward.id} />
    </div>
  )
}

function AddCodes({ reward }: { reward: number }) {
  const client = useQueryClient()
  const [text, setText] = useState('')
  const [told, setTold] = useState('')
  const { codes, repeats, tooLong } = readCodes(text)
  const add = useMutation({
    mutationFn: async () => {
      let [added, known] = [0, 0]
      for (let at = 0; at < codes.length; at += MOST_CODES_AT_ONCE) {
        const part = codes.slice(at, at + MOST_CODES_AT_ONCE)
        const answer = await answerOf(
          api.POST('/desk/rewards/{id}/codes', {
            params: { path: { id: reward } },
            body: {
              codes: part,
            },
          }),
        )
        added += answer.added
        known += answer.known
      }
      return { added, known }
    },
    onSuccess: async ({ added, known }) => {
      setText('')
      setTold(`${digits(added)} added${known > 0 ? `; ${digits(known)} were already on the list` : ''}.`)
      await client.invalidateQueries({ queryKey: ['store'] })
    },
  })
  return (
    <div className="flex flex-col gap-2">
      <label className="flex flex-col gap-1">
        Codes to add, one per line
        <textarea
          rows={6}
          value={text}
          onChange={(event) => {
            setText(event.target.value)
            setTold('')
          }}
          className={`font-mono ${INPUT}`}
        />
      </label>
      <label className="flex items-center gap-2 text-muted">
        or from a file, first column
        <input
          type="file"
          accept=".csv,.txt,text/csv,text/plain"
          onChange={(event) => void event.target.files?.[0]?.text().then(setText)}
          className="file:mr-3 file:rounded-md file:border file:border-line file:bg-panel file:px-3 file:py-1 file:text-text"
        />
      </label>
      <p role="status" className="text-muted">
        {told !== ''
          ? told
          : codes.length === 0
            ? 'Blank lines and repeats are skipped.'
            : `${digits(codes.length)} ${codes.length === 1 ? 'code' : 'codes'}${repeats > 0 ? `, ${digits(repeats)} repeated and skipped` : ''}.`}
      </p>
      {tooLong.length > 0 && (
        <p className="text-brick-text">{tooLong.length} lines have more than 200 characters and are skipped.</p>
      )}
      {add.error && <Problem error={add.error} />}
      <Button
        look="main"
        className="self-start"
        disabled={codes.length === 0 || add.isPending}
        onClick={() => add.mutate()}
      >
        {add.isPending ? 'Adding …' : 'Add the codes'}
      </Button>
    </div>
  )
}
