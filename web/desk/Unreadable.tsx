import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import type { Answer } from '../parts/api/called.ts'
import { answerOf, api } from '../parts/api.ts'
import { keyOf } from '../parts/queryKey.ts'

type One = Answer<'/desk/unreadable'>['unreadable'][number]

const AGAIN = 'Set it again and save it. Everything else works as before.'

/** What is not as it was set, and what to do about it. */
function sentence({ kind, name }: One): string {
  if (kind === 'settings')
    return `Your setting “${name}” is not in use: this version cannot read what was saved. ${AGAIN}`
  if (kind === 'raffle')
    return `Nobody can enter the raffle “${name}”, and nothing is drawn: this version cannot read its settings. Its tickets are kept. Ask whoever runs the server.`
  if (kind === 'circle')
    return `Nobody joins or leaves the circle “${name}” automatically: this version cannot read its rules. ${AGAIN}`
  return `The ${kind} “${name}” is off: this version cannot read its settings. ${AGAIN}`
}

/** Where it is set anew. */
const PAGE: { readonly [K in One['kind']]?: readonly [path: string, name: string] } = {
  reward: ['/store', 'Store'],
  command: ['/commands', 'Commands'],
  trigger: ['/commands', 'Commands'],
  template: ['/raffles', 'Raffles'],
  alert: ['/screen', 'Screen'],
  overlay: ['/screen', 'Screen'],
  circle: ['/ranks', 'Ranks'],
}

const SHOWN = 3

function ToPage({ kind }: Pick<One, 'kind'>) {
  const [path, name] = PAGE[kind] ?? []
  if (path === undefined) return null
  return (
    <Link className="underline" to={path}>
      Open {name}
    </Link>
  )
}

/** Tells at the top of the desk what this version of the server cannot read, for as long as that is so. */
export function Unreadable() {
  const { data } = useQuery({
    queryKey: keyOf('unreadable'),
    queryFn: ({ signal }) => answerOf(api.GET('/desk/unreadable', { signal })),
    staleTime: Number.POSITIVE_INFINITY,
    refetchInterval: ({ state }) => ((state.data?.unreadable.length ?? 0) > 0 ? 10_000 : false),
  })
  const all = data?.unreadable ?? []
  if (all.length === 0) return null
  return (
    <section
      aria-label="What cannot be read"
      className="border-b border-line bg-brass-wash px-4 py-1.5 text-brass-text"
    >
      {all.slice(0, SHOWN).map((one, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: two may be called alike, and they have no state
        <p key={i} title={one.why}>
          {sentence(one)} <ToPage kind={one.kind} />
        </p>
      ))}
      {all.length > SHOWN && <p>And {all.length - SHOWN} more.</p>}
    </section>
  )
}
