import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useForm } from 'react-hook-form'
import type { Currency } from '#core/currency'
import type { EarningPlan } from '#core/earning'
import { change } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Problem } from '../../parts/Notice.tsx'
import { Panel } from '../../parts/Panel.tsx'
import { useToast } from '../../parts/toasts.tsx'
import { Field } from './Field.tsx'
import { draftOf, type PlanDraft, readDraft } from './planDraft.ts'
import { WhatItMeans } from './WhatItMeans.tsx'

/** The plan as a draft: what it means changes while typing; it goes live when it is applied. */
export function PlanForm({ plan, currency }: { plan: EarningPlan; currency: Currency }) {
  const client = useQueryClient()
  const toast = useToast()
  const { register, watch, reset } = useForm<PlanDraft>({ defaultValues: draftOf(plan) })
  const [meant, setMeant] = useState(plan)
  const draft = watch()
  const read = readDraft(draft)
  const changed = read.plan === undefined || JSON.stringify(read.plan) !== JSON.stringify(plan)
  const shown = read.plan ?? meant
  if (read.plan !== undefined && JSON.stringify(read.plan) !== JSON.stringify(meant)) setMeant(read.plan)
  const apply = useMutation({
    mutationFn: () => change('PUT', '/desk/earning', read.plan),
    onSuccess: async () => {
      toast({ text: 'The plan is live from now on. What was watched so far was paid by the old one.' })
      await client.invalidateQueries({ queryKey: ['earning'] })
    },
  })
  return (
    <form
      className="grid grid-cols-[minmax(0,1fr)_minmax(0,1.1fr)] items-start gap-4"
      onSubmit={(event) => {
        event.preventDefault()
        if (read.plan !== undefined && changed) apply.mutate()
      }}
    >
      <Panel
        title="Watching"
        aside={changed ? <span className="text-brass-text">not live yet</span> : 'live'}
        bodyClassName="flex flex-col gap-4 p-4"
      >
        <Field label="A payment every" problem={read.problems.interval}>
          {(field) => (
            <div className="flex gap-2">
              <input
                {...register('interval')}
                {...field}
                inputMode="numeric"
                className="tabular w-28 rounded-md border border-line bg-surface px-3 py-1.5 text-right"
              />
              <select
                {...register('unit')}
                aria-label="Unit of the interval"
                className="rounded-md border border-line bg-surface px-3 py-1.5"
              >
                <option value="minutes">minutes</option>
                <option value="seconds">seconds</option>
              </select>
            </div>
          )}
        </Field>
        <Field label={`Each payment, in ${currency.many}`} problem={read.problems.base}>
          {(field) => (
            <input
              {...register('base')}
              {...field}
              inputMode="numeric"
              className="tabular w-28 rounded-md border border-line bg-surface px-3 py-1.5 text-right"
            />
          )}
        </Field>
        <Field label="The most one can hold" hint="Earning stops there. Empty: no limit." problem={read.problems.cap}>
          {(field) => (
            <input
              {...register('cap')}
              {...field}
              inputMode="numeric"
              placeholder="no limit"
              className="tabular w-40 rounded-md border border-line bg-surface px-3 py-1.5 text-right placeholder:text-muted"
            />
          )}
        </Field>
        {apply.error && <Problem error={apply.error} />}
        <div className="flex gap-2 border-t border-line pt-4">
          <Button look="main" type="submit" disabled={!changed || read.plan === undefined || apply.isPending}>
            {changed ? 'Apply now' : 'Applied'}
          </Button>
          {changed && <Button onClick={() => reset(draftOf(plan))}>Back to what is live</Button>}
        </div>
      </Panel>
      <WhatItMeans live={plan} draft={shown} currency={currency} />
    </form>
  )
}
