import { useEffect, useState } from 'react'

interface Heard {
  readonly type: string
  readonly time: string
  readonly id: string
}

const AGAIN_MS = 3000

/** What a service that takes webhooks was told last. */
export function Hooks() {
  const [heard, setHeard] = useState<readonly Heard[]>([])
  useEffect(() => {
    const look = () =>
      void fetch('/api/hook')
        .then((answer) => answer.json())
        .then((answer: { heard: readonly Heard[] }) => setHeard(answer.heard))
        .catch(() => {})
    look()
    const timer = setInterval(look, AGAIN_MS)
    return () => clearInterval(timer)
  }, [])
  return (
    <section aria-label="Webhooks" className="mt-5 border-t border-rule pt-4">
      <h2 className="font-semibold">Told by webhook</h2>
      {heard.length === 0 && <p className="text-faint">Nothing yet. Give /api/hook of this stand-in as the address.</p>}
      <ul>
        {heard.map(({ id, type, time }) => (
          <li key={id}>
            <span className="text-faint">{time.slice(11, 19)}</span> {type}
          </li>
        ))}
      </ul>
    </section>
  )
}
