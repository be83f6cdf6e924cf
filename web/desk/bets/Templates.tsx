import { api } from '../../parts/api.ts'
import { Button, Key } from '../../parts/Button.tsx'
import { Panel } from '../../parts/page/Panel.tsx'
import { type BetTemplate, useBetAction } from './view.ts'

interface TemplatesProps {
  readonly templates: readonly BetTemplate[]
  readonly open: (template: BetTemplate) => void
  readonly change: (template: BetTemplate) => void
  readonly create: () => void
}

/** The bets that are kept to open them with one press or key. */
export function Templates({ templates, open, change, create }: TemplatesProps) {
  return (
    <Panel
      title="Templates"
      aside={
        <Button needs="change" onClick={create}>
          Add a template
        </Button>
      }
    >
      {templates.length === 0 ? (
        <p className="px-4 py-3 text-muted">
          Keep the bets of every evening here, give them a key from 1 to 9, and each is one key away. A key opens it
          after three seconds.
        </p>
      ) : (
        <ul>
          {templates.map((template) => (
            <TemplateLine key={template.id} template={template} open={open} change={change} />
          ))}
        </ul>
      )}
    </Panel>
  )
}

function TemplateLine({ template, open, change }: Pick<TemplatesProps, 'open' | 'change'> & { template: BetTemplate }) {
  const { id, settings, digit } = template
  const action = useBetAction()
  return (
    <li className="flex flex-wrap items-center gap-3 border-b border-line px-4 py-2 last:border-b-0">
      <span className="w-7 text-center">{digit === null ? '' : <Key>{String(digit)}</Key>}</span>
      <span className="min-w-0 flex-1 break-words max-sm:basis-2/3">
        {settings.question} <span className="text-muted">{settings.outcomes.map(({ name }) => name).join(' / ')}</span>
        {digit !== null && <span className="sr-only">, key {digit}</span>}
      </span>
      <Button needs="act" onClick={() => open(template)} aria-label={`Open now: “${settings.question}”`}>
        Open now
      </Button>
      <Button needs="change" look="quiet" onClick={() => change(template)} aria-label={`Change “${settings.question}”`}>
        Change
      </Button>
      <Button
        needs="change"
        look="quiet"
        aria-label={`Remove “${settings.question}”`}
        onClick={() =>
          action.mutate({
            send: () => api.POST('/desk/bet-templates/{id}/remove', { params: { path: { id } } }),
            said: 'Removed.',
          })
        }
      >
        Remove
      </Button>
    </li>
  )
}
