import type { Asks } from '#core/store'

interface AskFieldProps {
  readonly asks: Exclude<Asks, { of: 'nothing' }>
  readonly text: string
  readonly setText: (text: string) => void
}

const INPUT = 'rounded-md border border-line bg-surface px-3 py-2.5'

/** What the buyer is asked, in the field that fits it. */
export function AskField({ asks, text, setText }: AskFieldProps) {
  if (asks.of === 'choice')
    return (
      <label className="flex flex-col gap-1">
        <span className="font-medium">{asks.question}</span>
        <select required value={text} onChange={(event) => setText(event.target.value)} className={INPUT}>
          <option value="">Choose one …</option>
          {asks.choices.map((choice) => (
            <option key={choice}>{choice}</option>
          ))}
        </select>
      </label>
    )
  const common = { required: true, value: text, className: INPUT }
  const put = (event: { target: { value: string } }) => setText(event.target.value)
  return (
    // biome-ignore lint/a11y/noLabelWithoutControl: exactly one of the inputs below is there
    <label className="flex flex-col gap-1">
      <span className="font-medium">{asks.question}</span>
      {asks.of === 'number' && <input {...common} type="number" min={asks.from} max={asks.to} onChange={put} />}
      {asks.of === 'link' && <input {...common} type="url" maxLength={300} placeholder="https://" onChange={put} />}
      {asks.of === 'text' && asks.most <= 120 && (
        <input {...common} minLength={asks.least} maxLength={asks.most} onChange={put} />
      )}
      {asks.of === 'text' && asks.most > 120 && (
        <textarea {...common} rows={4} minLength={asks.least} maxLength={asks.most} onChange={put} />
      )}
      <span className="text-sm text-muted">{rule(asks, [...text].length)}</span>
    </label>
  )
}

function rule(asks: AskFieldProps['asks'], letters: number): string {
  if (asks.of === 'number') return `A whole number from ${asks.from} to ${asks.to}.`
  if (asks.of === 'text')
    return `${letters} of ${asks.most} characters${asks.least > 1 ? `, ${asks.least} or more` : ''}. It may be read out or shown on stream.`
  return asks.of === 'link' ? 'It begins with https://.' : ''
}
