import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { NO_RIGHTS, READY_SETS, rightsInWords } from '#core/team'
import type { Body } from '../../parts/api/called.ts'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { DialogForm } from '../../parts/dialog/DialogForm.tsx'
import { ShownOnce } from '../../parts/dialog/ShownOnce.tsx'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { Field, TextInput } from '../../parts/form/inputs.tsx'
import { Empty, Panel } from '../../parts/page/Panel.tsx'
import { dayText } from '../../parts/time.ts'
import { useChange } from '../../parts/useChange.ts'
import { RightsFields } from './RightsFields.tsx'
import { UntilField } from './UntilField.tsx'
import { type Token, tokensQuery } from './view.ts'

/** What scripts and button boxes sign their calls with: rights like a member's. */
export function Tokens() {
  const found = useQuery(tokensQuery)
  const [making, setMaking] = useState(false)
  const tokens = found.data?.tokens ?? []
  const make = (
    <Button needs="change" onClick={() => setMaking(true)}>
      Make a token
    </Button>
  )
  return (
    <Panel title="Tokens" aside="for scripts and button boxes">
      {found.isPending && <Loading what="the tokens" />}
      {found.isError && <Problem error={found.error} retry={() => void found.refetch()} />}
      {found.data && tokens.length === 0 && (
        <Empty action={make}>
          A script or a button box calls the desk by a token of its own, with rights like a member’s. What it can call
          stands in the description at /api/openapi.json.
        </Empty>
      )}
      {tokens.length > 0 && (
        <>
          <ul>
            {tokens.map((token) => (
              <TokenLine key={token.id} token={token} />
            ))}
          </ul>
          <div className="p-4">{make}</div>
        </>
      )}
      {making && <TokenDialog close={() => setMaking(false)} />}
    </Panel>
  )
}

function TokenLine({ token: { id, name, rights, usedAt, until } }: { readonly token: Token }) {
  const [asking, setAsking] = useState(false)
  const revoke = useChange({
    ask: () => answerOf(api.POST('/desk/tokens/{id}/revoke', { params: { path: { id } } })),
    invalidates: ['team'],
    said: `Whatever calls with “${name}” is refused from now on.`,
  })
  return (
    <li className="flex flex-wrap items-center gap-x-4 gap-y-2 border-b border-line px-4 py-2.5">
      <div className="min-w-0 flex-1 max-sm:basis-full">
        <p className="font-semibold">{name}</p>
        <p className="text-note text-muted">
          {rightsInWords(rights)} · {usedAt === null ? 'not used yet' : `last used ${dayText(usedAt)}`}
          {until !== null && ` · until ${dayText(until - 1)}`}
        </p>
      </div>
      {asking ? (
        <Button
          look="danger"
          ref={(button) => button?.focus()}
          disabled={revoke.isPending}
          onClick={() => revoke.mutate()}
          onBlur={() => setAsking(false)}
        >
          Revoke “{name}”?
        </Button>
      ) : (
        <Button needs="change" onClick={() => setAsking(true)}>
          Revoke
        </Button>
      )}
    </li>
  )
}

type Wanted = Body<'/desk/tokens'>

const FRESH: Wanted = { name: '', rights: READY_SETS[0]?.rights ?? NO_RIGHTS, until: null }

function TokenDialog({ close }: { readonly close: () => void }) {
  const [draft, setDraft] = useState(FRESH)
  const [secret, setSecret] = useState<string>()
  const put = (patch: Partial<Wanted>) => setDraft({ ...draft, ...patch })
  const make = useChange({
    ask: () => answerOf(api.POST('/desk/tokens', { body: draft })),
    invalidates: ['team'],
    onDone: (made) => setSecret(made.secret),
    inPlace: true,
  })
  if (secret !== undefined)
    return (
      <ShownOnce title={`The token “${draft.name}”`} secret={secret} what="The token" close={close}>
        It is not shown again. Send it as “Authorization: Bearer …”, never in an address: there it would be revoked.
      </ShownOnce>
    )
  return (
    <DialogForm
      title="Make a token"
      close={close}
      wide
      does="Make it"
      go={() => make.mutate()}
      off={draft.name.trim() === ''}
      change={make}
    >
      <Field label="Name" hint="What calls with it: it stands in the log.">
        <TextInput
          data-autofocus
          value={draft.name}
          most={60}
          placeholder="Button box"
          onValue={(name) => put({ name })}
        />
      </Field>
      <RightsFields rights={draft.rights} setRights={(rights) => put({ rights })} />
      <UntilField until={draft.until} setUntil={(until) => put({ until })} />
    </DialogForm>
  )
}
