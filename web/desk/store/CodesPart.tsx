import { useState } from 'react'
import { digits } from '#core/currency'
import { MOST_CODES_AT_ONCE, readCodes } from '#core/store'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Problem } from '../../parts/feedback/Notice.tsx'
import { Field, INPUT, NumberInput } from '../../parts/form/inputs.tsx'
import { useChange } from '../../parts/useChange.ts'
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

/** Sends the codes, so many at once. */
async function sendCodes(reward: number, codes: readonly string[]) {
  let [added, known] = [0, 0]
  for (let at = 0; at < codes.length; at += MOST_CODES_AT_ONCE) {
    const body = { codes: codes.slice(at, at + MOST_CODES_AT_ONCE) }
    const answer = await answerOf(api.POST('/desk/rewards/{id}/codes', { params: { path: { id: reward } }, body }))
    added += answer.added
    known += answer.known
  }
  return { added, known }
}

function AddCodes({ reward }: { reward: number }) {
  const [text, setText] = useState('')
  const [told, setTold] = useState('')
  const read = readCodes(text)
  const add = useChange({
    ask: () => sendCodes(reward, read.codes),
    invalidates: ['store'],
    onDone: ({ added, known }) => {
      setText('')
      setTold(`${digits(added)} added${known > 0 ? `; ${digits(known)} were already on the list` : ''}.`)
    },
    inPlace: true,
  })
  const type = (next: string) => {
    setText(next)
    setTold('')
  }
  return (
    <div className="flex flex-col gap-2">
      <CodesField text={text} type={type} />
      <p role="status" className="text-muted">
        {told === '' ? readInWords(read) : told}
      </p>
      {read.tooLong.length > 0 && (
        <p className="text-brick-text">{read.tooLong.length} lines have more than 200 characters and are skipped.</p>
      )}
      {add.error && <Problem error={add.error} />}
      <Button
        look="main"
        className="self-start"
        disabled={read.codes.length === 0 || add.isPending}
        onClick={() => add.mutate()}
      >
        {add.isPending ? 'Adding …' : 'Add the codes'}
      </Button>
    </div>
  )
}

function readInWords({ codes, repeats }: ReturnType<typeof readCodes>): string {
  if (codes.length === 0) return 'Blank lines and repeats are skipped.'
  const again = repeats > 0 ? `, ${digits(repeats)} repeated and skipped` : ''
  return `${digits(codes.length)} ${codes.length === 1 ? 'code' : 'codes'}${again}.`
}

function CodesField({ text, type }: { text: string; type: (text: string) => void }) {
  return (
    <>
      <Field label="Codes to add, one per line">
        <textarea
          rows={6}
          value={text}
          onChange={(event) => type(event.target.value)}
          className={`font-mono ${INPUT}`}
        />
      </Field>
      <label className="flex items-center gap-2 text-muted">
        or from a file, first column
        <input
          type="file"
          accept=".csv,.txt,text/csv,text/plain"
          onChange={(event) => void event.target.files?.[0]?.text().then(type)}
          className="file:mr-3 file:rounded-md file:border file:border-line file:bg-panel file:px-3 file:py-1 file:text-text"
        />
      </label>
    </>
  )
}
