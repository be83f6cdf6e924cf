import { useMutation, useQueryClient } from '@tanstack/react-query'
import { type FormEvent, useState } from 'react'
import type { Currency } from '#core/currency'
import type { SupportPlan } from '#core/earning'
import { change } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Problem } from '../../parts/Notice.tsx'
import { Panel } from '../../parts/Panel.tsx'
import { useToast } from '../../parts/toasts.tsx'
import { exampleInWords, readSupportDraft, SUPPORT_FIELDS, type SupportDraft, supportDraftOf } from './supportDraft.ts'

/** What support pays: a draft with an example at each figure, live when it is applied. */
export function SupportForm({ live, currency }: { live: SupportPlan; currency: Currency }) {
  const client = useQueryClient()
  const toast = useToast()
  const [draft, setDraft] = useState<SupportDraft>(() => supportDraftOf(live))
  const { plan, problems } = readSupportDraft(live, draft)
  const wrong = Object.keys(problems).length > 0
  const changed = wrong || JSON.stringify(plan) !== JSON.stringify(live)
  const apply = useMutation({
    mutationFn: () => change('PUT', '/desk/earning/support', plan),
    onSuccess: async () => {
      toast({ text: 'Support is paid like this from now on.' })
      await client.invalidateQueries({ queryKey: ['earning'] })
    },
  })
  const submit = (event: FormEvent) => {
    event.preventDefault()
    if (changed && !wrong) apply.mutate()
  }
  return (
    <form onSubmit={submit}>
      <Panel
        title="Support"
        aside={changed ? <span className="text-brass-text">not live yet</span> : 'live'}
        bodyClassName="flex flex-col gap-3 p-4"
      >
        <p className="text-muted">
          Paid when the platform tells of it (see Connections), in {currency.many}. 0 pays nothing.
        </p>
        <ul className="flex flex-col gap-2">
          {SUPPORT_FIELDS.map((field) => (
            <li key={field.name}>
              <label className="flex items-center gap-3">
                <span className="w-64 shrink-0">{field.label}</span>
                <input
                  value={draft[field.name]}
                  onChange={(event) => setDraft({ ...draft, [field.name]: event.target.value })}
                  inputMode="numeric"
                  aria-invalid={problems[field.name] !== undefined}
                  aria-describedby={`${field.name}-means`}
                  className="tabular w-24 rounded-md border border-line bg-surface px-3 py-1.5 text-right"
                />
                <span
                  id={`${field.name}-means`}
                  className={`min-w-0 flex-1 text-[0.93rem] ${problems[field.name] ? 'text-brick-text' : 'text-muted'}`}
                >
                  {problems[field.name] ?? exampleInWords(plan, field, currency)}
                </span>
              </label>
            </li>
          ))}
        </ul>
        {apply.error && <Problem error={apply.error} />}
        <div className="flex gap-2 border-t border-line pt-4">
          <Button look="main" type="submit" disabled={!changed || wrong || apply.isPending}>
            {changed ? 'Apply now' : 'Applied'}
          </Button>
          {changed && <Button onClick={() => setDraft(supportDraftOf(live))}>Back to what is live</Button>}
        </div>
      </Panel>
    </form>
  )
}
