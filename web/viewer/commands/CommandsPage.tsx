import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { type Currency, durationInWords, inWords } from '#core/currency'
import type { Answer } from '../../parts/api/called.ts'
import { answerOf, api } from '../../parts/api.ts'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { Checkbox, TextInput } from '../../parts/form/inputs.tsx'
import { usePageTitle } from '../../parts/page/PageTitle.tsx'
import { keyOf } from '../../parts/queryKey.ts'
import { groupsOf } from '../../parts/table/groupsOf.ts'

type Listed = Answer<'/commands'>['commands'][number]

/** Every word that chat understands here, made from what there is. */
export function CommandsPage() {
  usePageTitle('Commands in chat')
  const [asked, setAsked] = useState('')
  const [onlyMine, setOnlyMine] = useState(false)
  const found = useQuery({
    queryKey: keyOf('commands'),
    queryFn: ({ signal }) => answerOf(api.GET('/commands', { signal })),
  })
  const wanted = asked.trim().toLowerCase().replace(/^!/, '')
  const all = found.data?.commands ?? []
  const shown = all.filter(
    ({ word, aliases, does, yours }) =>
      (!onlyMine || yours !== false) && [word, ...aliases, does].some((text) => text.toLowerCase().includes(wanted)),
  )
  return (
    <div className="flex flex-col gap-3">
      <h1 className="text-xl">Commands in chat</h1>
      <TextInput
        aria-label="Find a command"
        placeholder="Find a word"
        value={asked}
        most={60}
        onValue={setAsked}
        className="py-2"
      />
      {all.some(({ yours }) => yours !== null) && (
        <Checkbox on={onlyMine} onTick={setOnlyMine}>
          Only what I can use
        </Checkbox>
      )}
      {found.isPending && <Loading what="the commands" />}
      {found.isError && <Problem error={found.error} retry={() => void found.refetch()} />}
      {found.data && shown.length === 0 && <p className="text-muted">No command here is like “{asked}”.</p>}
      {found.data && <Groups shown={shown} currency={found.data.currency} />}
    </div>
  )
}

function Groups({ shown, currency }: { shown: readonly Listed[]; currency: Currency }) {
  return groupsOf(shown, ({ group }) => group).map(([group, commands]) => (
    <section key={group} aria-label={group || 'Commands'} className="flex flex-col gap-2">
      {group !== '' && <h2 className="mt-2 text-base">{group}</h2>}
      <ul className="flex flex-col gap-2">
        {commands.map((one) => (
          <Card key={one.word} command={one} currency={currency} />
        ))}
      </ul>
    </section>
  ))
}

function Card({ command, currency }: { command: Listed; currency: Currency }) {
  const { usage, aliases, does, who, cost, yours } = command
  return (
    <li className="rounded-md border border-line bg-panel px-4 py-3">
      <div className="flex flex-wrap items-baseline justify-between gap-x-3">
        <code className="font-semibold break-all">{usage}</code>
        {cost > 0 && <span className="tabular text-brass-text">{inWords(cost, currency)}</span>}
      </div>
      {does !== '' && <p>{does}</p>}
      {aliases.length > 0 && <p className="text-sm text-muted">also {aliases.map((one) => `!${one}`).join(', ')}</p>}
      <p className="text-sm text-muted">
        {[`for ${who}`, ...limitsOf(command)].join(' · ')}
        {yours !== null && (
          <span className={yours ? 'text-moss-text' : 'text-brick-text'}>
            {yours ? ' · you can use this' : ' · not for you yet'}
          </span>
        )}
      </p>
    </li>
  )
}

function limitsOf({ everyoneSeconds, eachSeconds, perViewer, onAir, where }: Listed): string[] {
  return [
    ...(everyoneSeconds > 0 ? [`cooldown ${durationInWords(everyoneSeconds)}`] : []),
    ...(eachSeconds > 0 ? [`cooldown ${durationInWords(eachSeconds)} per viewer`] : []),
    ...(perViewer > 0 ? [`${perViewer === 1 ? 'once' : `${perViewer} times`} each show`] : []),
    ...(onAir ? ['on air only'] : []),
    ...(where === 'private' ? ['privately to the bot'] : where === 'room' ? ['in the room'] : []),
  ]
}
