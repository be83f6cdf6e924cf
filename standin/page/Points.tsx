import { useCallback, useEffect, useState } from 'react'

interface State {
  readonly points: number
  readonly rewards: readonly { readonly id: string; readonly name: string; readonly price: number }[]
  readonly spent: readonly {
    readonly id: string
    readonly reward: { readonly name: string; readonly price: number }
    readonly status: 'open' | 'approved' | 'refused'
    readonly why: string
  }[]
}

const SAID = { open: 'waits for an answer', approved: 'approved', refused: 'refused, points given back' } as const
const LOOK_AGAIN_MS = 1500

/** What somebody has and can have, looked at again and again. */
function usePoints(as: string) {
  const [state, setState] = useState<State>()
  const load = useCallback(async () => {
    const response = await fetch(`/api/points?as=${encodeURIComponent(as)}`).catch(() => undefined)
    if (response?.ok) setState((await response.json()) as State)
  }, [as])
  useEffect(() => {
    void load()
    const again = setInterval(() => void load(), LOOK_AGAIN_MS)
    return () => clearInterval(again)
  }, [load])
  return { state, load }
}

const Rewards = ({ state, redeem }: { readonly state: State; readonly redeem: (reward: string) => void }) => (
  <div className="mt-3 flex flex-wrap gap-2">
    {state.rewards.map(({ id, name, price }) => (
      <button
        key={id}
        type="button"
        disabled={state.points < price}
        onClick={() => redeem(id)}
        className="border border-rule bg-sheet px-3 py-1.5 disabled:opacity-50"
      >
        {name} <span className="text-faint tabular-nums">{price}</span>
      </button>
    ))}
  </div>
)

const Spent = ({ spent }: Pick<State, 'spent'>) => (
  <ul className="mt-1 text-sm">
    {spent.map(({ id, reward, status, why }) => (
      <li key={id}>
        {reward.name}: {SAID[status]}
        {why !== '' && ` (${why})`}
      </li>
    ))}
  </ul>
)

/** The platform's own points of whoever is played, and what they can be spent on. */
export function Points({ as }: { as: string }) {
  const { state, load } = usePoints(as)
  const [text, setText] = useState('')
  const [problem, setProblem] = useState('')
  const redeem = async (reward: string) => {
    const response = await fetch('/api/points', { method: 'POST', body: JSON.stringify({ as, reward, text }) }).catch(
      () => undefined,
    )
    const answer = (await response?.json().catch(() => ({}))) as { problem?: string } | undefined
    setProblem(answer?.problem ?? '')
    setText('')
    await load()
  }
  if (state === undefined) return null
  return (
    <section aria-label="Points of the platform" className="mt-5 border-t border-rule pt-4">
      <div className="flex flex-wrap items-center gap-3">
        <span className="font-semibold">Points of the platform</span>
        <span>
          {as} has <span className="tabular-nums">{state.points.toLocaleString('en')}</span>
        </span>
        <input
          aria-label="Words to the reward"
          placeholder="words to the reward"
          value={text}
          maxLength={200}
          onChange={(event) => setText(event.target.value)}
          className="min-w-40 flex-1 border border-rule bg-sheet px-2 py-1.5"
        />
      </div>
      <Rewards state={state} redeem={(reward) => void redeem(reward)} />
      <p role="status" className="mt-2 text-faint">
        {problem}
      </p>
      <Spent spent={state.spent} />
    </section>
  )
}
