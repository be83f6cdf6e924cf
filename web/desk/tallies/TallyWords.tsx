import { useMutation, useQueryClient } from '@tanstack/react-query'
import { type FormEvent, useState } from 'react'
import { checkCommandWords } from '#core/commands'
import type { TallyRow } from '#core/tallies'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { FormDialog } from '../../parts/dialog/FormDialog.tsx'
import { Problem } from '../../parts/feedback/Notice.tsx'
import { useToast } from '../../parts/feedback/toasts.tsx'
import { Checkbox, INPUT } from '../../parts/form/inputs.tsx'
import { wordsFor } from '../commands/fresh.ts'
import { type CommandsView, othersThan } from '../commands/view.ts'
import { GroupField } from '../commands/WordPart.tsx'
import { useStatus } from '../status.ts'

/** After a tally was made: the words it can have, ticked one by one. */
export function TallyWords({ view, tally, close }: { view: CommandsView; tally: TallyRow; close: () => void }) {
  const client = useQueryClient()
  const toast = useToast()
  const { currency } = useStatus()
  const [group, setGroup] = useState(tally.name.slice(0, 40))
  const offered = wordsFor(tally, group.trim())
  const [words, setWords] = useState(() => offered.map(({ settings }) => settings.word))
  const [ticked, setTicked] = useState<readonly number[]>([0, 1])
  const chosen = ticked
    .flatMap((i) => offered[i]?.settings ?? [])
    .map((one, i) => ({ ...one, word: words[ticked[i] ?? 0] ?? '' }))
  const others = othersThan(view, currency, {})
  const faults = words.map((word, i) => {
    if (!ticked.includes(i)) return undefined
    const twice = ticked.some((k) => k < i && words[k]?.toLowerCase() === word.toLowerCase())
    if (twice) return `"!${word}" is chosen twice.`
    if (!/^[\p{L}\p{N}_-]{1,30}$/u.test(word)) return 'Type one word of letters, digits, - and _.'
    const checked = checkCommandWords(others, { word, aliases: [] })
    return checked.ok ? undefined : checked.refusal.sentence
  })
  const make = useMutation({
    mutationFn: () => answerOf(api.POST('/desk/commands/several', { body: { commands: chosen } })),
    onSuccess: async ({ commands }) => {
      await client.invalidateQueries({ queryKey: ['commands'] })
      toast({ text: `${commands.length} ${commands.length === 1 ? 'word is' : 'words are'} live.` })
      close()
    },
  })
  const submit = (event: FormEvent) => {
    event.preventDefault()
    make.mutate()
  }
  return (
    <FormDialog title={`Commands for ${tally.name}`} close={close}>
      <form onSubmit={submit} className="flex flex-col gap-4">
        {offered.map(({ about }, i) => (
          <div key={about} className="flex flex-col gap-1">
            <Checkbox
              on={ticked.includes(i)}
              onTick={(on) => setTicked(on ? [...ticked, i].sort() : ticked.filter((k) => k !== i))}
            >
              {about}
            </Checkbox>
            <div className="flex items-center gap-1 pl-6">
              <span aria-hidden="true" className="text-muted">
                !
              </span>
              <input
                aria-label={`Command: ${about}`}
                value={words[i] ?? ''}
                maxLength={30}
                disabled={!ticked.includes(i)}
                onChange={(event) =>
                  setWords(words.map((word, k) => (k === i ? event.target.value.replace(/^!+/, '') : word)))
                }
                className={`w-44 disabled:opacity-60 ${INPUT}`}
              />
            </div>
            {faults[i] !== undefined && (
              <p role="alert" className="pl-6 text-brick-text">
                {faults[i]}
              </p>
            )}
          </div>
        ))}
        <GroupField group={group} setGroup={setGroup} view={view} />
        {make.error && <Problem error={make.error} />}
        <div className="flex gap-2">
          <Button
            look="main"
            type="submit"
            disabled={ticked.length === 0 || faults.some((fault) => fault !== undefined) || make.isPending}
          >
            Add these commands
          </Button>
          <Button onClick={close}>Not now</Button>
        </div>
      </form>
    </FormDialog>
  )
}
