import { MOST_WINNERS, type Prize, type RaffleSettings } from '#core/raffles'
import { FaultsAt, fieldOf } from '../../../parts/form/DraftField.tsx'
import { NumberInput, Select, TextArea, TextInput } from '../../../parts/form/inputs.tsx'
import { PictureField } from '../../library/RefFields.tsx'
import type { PartProps } from './part.ts'

const KINDS = [
  { value: 'text', name: 'something you deliver' },
  { value: 'codes', name: 'a code from a list' },
  { value: 'currency', name: 'newly issued currency' },
  { value: 'pot', name: 'a share of the pot' },
] as const

const RaffleField = fieldOf<RaffleSettings>()

/** What there is to win, how it is called, and how many win it. */
export function WhatPart({ draft, put, form, fixed }: PartProps) {
  return (
    <div className="flex flex-col gap-4">
      <RaffleField name="title" label="Title">
        {(own) => <TextInput most={60} placeholder="What it is called" {...own} />}
      </RaffleField>
      <RaffleField name="description" label="Description, for the raffle’s page">
        {(own) => <TextArea rows={2} most={600} {...own} />}
      </RaffleField>
      <fieldset disabled={fixed} className="flex flex-col gap-2">
        <legend className="mb-1">Each winner gets</legend>
        <div className="flex flex-wrap items-center gap-2">
          <Select
            label="Kind of prize"
            value={draft.prize.of}
            choices={KINDS}
            onChoose={(of) => put({ prize: freshPrize(of, form.codes[0]?.id ?? 1) })}
          />
          <FaultsAt name="prize">
            <PrizeField draft={draft} put={put} form={form} />
          </FaultsAt>
        </div>
        <p className="flex items-center gap-2">
          <NumberInput
            label="Number of winners"
            value={draft.winners}
            most={MOST_WINNERS}
            className="w-16"
            onValue={(winners) => put({ winners: Math.max(1, winners) })}
          />
          {draft.winners === 1 ? 'winner' : 'winners'}
        </p>
      </fieldset>
      <PictureField label="Picture" value={draft.picture} onValue={(picture) => put({ picture })} />
    </div>
  )
}

function freshPrize(of: Prize['of'], reward: number): Prize {
  switch (of) {
    case 'text':
      return { of, text: '' }
    case 'codes':
      return { of, reward }
    case 'currency':
      return { of, amount: 500 }
    case 'pot':
      return { of, share: 50 }
  }
}

type PrizeProps = Pick<PartProps, 'draft' | 'put' | 'form'>

function PrizeField({ draft: { prize, winners }, put, form }: PrizeProps) {
  switch (prize.of) {
    case 'text':
      return (
        <TextInput
          aria-label="What it is"
          value={prize.text}
          most={120}
          placeholder="what they get"
          onValue={(text) => put({ prize: { ...prize, text } })}
          className="min-w-0 flex-1"
        />
      )
    case 'codes':
      return <CodesOf reward={prize.reward} choose={(reward) => put({ prize: { ...prize, reward } })} form={form} />
    case 'currency':
      return (
        <>
          <NumberInput
            label="Amount"
            value={prize.amount}
            onValue={(amount) => put({ prize: { ...prize, amount: Math.max(1, amount) } })}
          />
          <span className="text-muted">{form.currency.many} for each</span>
        </>
      )
    case 'pot':
      return <ShareOfPot share={prize.share} set={(share) => put({ prize: { ...prize, share } })} winners={winners} />
  }
}

interface CodesOfProps extends Pick<PrizeProps, 'form'> {
  readonly reward: number
  readonly choose: (reward: number) => void
}

function CodesOf({ reward, choose, form }: CodesOfProps) {
  if (form.codes.length === 0)
    return <span className="text-muted">First add a reward that gives out codes, under Store.</span>
  return (
    <Select
      label="Reward whose codes these are"
      value={String(reward)}
      choices={form.codes.map(({ id, name, left }) => ({ value: String(id), name: `${name}, ${left} left` }))}
      onChoose={(id) => choose(Number(id))}
    />
  )
}

function ShareOfPot({ share, set, winners }: { share: number; set: (share: number) => void; winners: number }) {
  return (
    <>
      <NumberInput
        label="Share of the pot"
        value={share}
        most={100}
        className="w-16"
        onValue={(next) => set(Math.max(1, next))}
      />
      <span className="text-muted">
        % of what the tickets bring in{winners > 1 ? `, shared by ${winners}` : ''}; the rest is spent
      </span>
    </>
  )
}
