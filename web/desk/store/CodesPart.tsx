import { useState } from 'react'
import { digits } from '#core/currency'
import type { readCodes } from '#core/store'
import { Button } from '../../parts/Button.tsx'
import { Problem } from '../../parts/feedback/Notice.tsx'
import { Field, INPUT, NumberInput } from '../../parts/form/inputs.tsx'
import { useChange } from '../../parts/useChange.ts'
import { sendCodes, useCodesDraft } from './codesDraft.ts'
import type { RewardShown } from './view.ts'

interface CodesPartProps {
  /** Its id, from its first save on; the list may know of it a moment later. */
  readonly id: number | undefined
  readonly reward: RewardShown | undefined
  readonly low: number
  readonly setLow: (low: number) => void
  readonly unsaved: boolean
}

/** The list of codes: how many are left, and more of them, pasted or from a file. */
export function CodesPart({ id, reward, low, setLow, unsaved }: CodesPartProps) {
  if (id === undefined) return <FirstCodes />
  if (reward === undefined) return <AddCodes reward={id} />
  if (reward.settings.kind !== 'code')
    return <p className="text-muted">Save the reward as one that gives out codes, then add them here.</p>
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

/** Codes of a reward that is only being made: they are added with its first save. */
function FirstCodes() {
  const { text, read, type } = useCodesDraft(undefined)
  return (
    <div className="flex flex-col gap-2">
      <CodesField text={text} type={type} />
      <p role="status" className="text-muted">
        {readInWords(read)} {read.codes.length > 0 && 'They are added when you save the reward.'}
      </p>
      <TooLong count={read.tooLong.length} />
    </div>
  )
}

const TooLong = ({ count }: { readonly count: number }) =>
  count > 0 && <p className="text-brick-text">{count} lines have more than 200 characters and are skipped.</p>

function AddCodes({ reward }: { reward: number }) {
  const { text, read, type: put, clear } = useCodesDraft(reward)
  const [told, setTold] = useState('')
  const add = useChange({
    ask: () => sendCodes(reward, read.codes),
    invalidates: ['store'],
    onDone: ({ added, known }) => {
      clear()
      setTold(`${digits(added)} added${known > 0 ? `; ${digits(known)} were already on the list` : ''}.`)
    },
    inPlace: true,
  })
  const type = (next: string) => {
    put(next)
    setTold('')
  }
  return (
    <div className="flex flex-col gap-2">
      <CodesField text={text} type={type} />
      <p role="status" className="text-muted">
        {told === '' ? readInWords(read) : told}
      </p>
      <TooLong count={read.tooLong.length} />
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
