import { digits } from '#core/currency'
import type { Answer } from '../../parts/api/called.ts'
import { channelSlug } from '../../parts/api.ts'
import { Figure } from '../../parts/Figure.tsx'
import { mediaAddress, mediaBase } from '../../parts/media.ts'
import { type ColumnHead, ColumnHeads } from '../../parts/table/ColumnHeads.tsx'

/** What would happen, as the server's copy of the channel had it. */
export type Tried = Answer<'/desk/try'>

/** The outcome of a try: each step, chat as it would read, money with balances, what the screen would show. */
export function TriedReport({ tried }: { tried: Tried }) {
  const { refusal, steps, lines, transfers, alerts, sounds, orders, seconds } = tried
  return (
    <section
      aria-label="What would happen"
      aria-live="polite"
      className="flex flex-col gap-4 rounded-md border border-line p-4"
    >
      {refusal ? (
        <p className="text-brick-text">It would be refused: {refusal.sentence}</p>
      ) : (
        <p className="text-moss-text">
          It would work{seconds > 0 ? `, and take ${seconds} seconds with its waits` : ''}.
        </p>
      )}
      {steps.length > 0 && <Steps steps={steps} />}
      {lines.length > 0 && <Lines lines={lines} />}
      {transfers.length > 0 && <Moved transfers={transfers} />}
      {alerts.map((alert) => (
        <WouldShow key={`${alert.title}/${alert.line}`} alert={alert} />
      ))}
      {sounds.length > 0 && <p>Plays: {sounds.join(', ')}.</p>}
      {orders.length > 0 && <p>Orders: {orders.join(', ')}.</p>}
    </section>
  )
}

const Steps = ({ steps }: Pick<Tried, 'steps'>) => (
  <Part title="Step by step">
    <ol className="list-decimal pl-6">
      {steps.map((step, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: an outcome is its place
        <li key={i}>{step.sentence}</li>
      ))}
    </ol>
  </Part>
)

const Lines = ({ lines }: Pick<Tried, 'lines'>) => (
  <Part title="In chat">
    {lines.map((line, i) => (
      // biome-ignore lint/suspicious/noArrayIndexKey: a line is its place
      <p key={i} className="rounded-md bg-surface px-3 py-1.5 break-words">
        <span className="font-semibold text-brass-text">Ricompensa{line.to === null ? '' : ` to ${line.to}`}</span>{' '}
        {line.text}
        {line.after > 0 && <span className="text-sm text-muted"> after {line.after} s</span>}
      </p>
    ))}
  </Part>
)

function WouldShow({ alert }: { alert: Tried['alerts'][number] }) {
  return (
    <figure data-theme="dark" className="flex items-center gap-4 rounded-md border border-brass bg-panel p-3 text-text">
      {alert.picture !== null && (
        <img src={mediaAddress(alert.picture, mediaBase(channelSlug()))} alt="" className="size-12" />
      )}
      <figcaption>
        <span className="block font-display text-lg font-semibold">{alert.title}</span>
        <span className="block">{alert.line}</span>
        <span className="block text-sm text-muted">on screen for {alert.seconds} s</span>
      </figcaption>
    </figure>
  )
}

function Part({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <div className="flex flex-col gap-1.5">
      <h3 className="font-sans text-sm font-semibold text-muted">{title}</h3>
      {children}
    </div>
  )
}

const MOVED_HEADS: readonly ColumnHead[] = [
  { name: 'Who' },
  { name: 'Why' },
  { name: 'Before', end: true },
  { name: 'Change', end: true },
  { name: 'After', end: true },
]

function Moved({ transfers }: Pick<Tried, 'transfers'>) {
  return (
    <Part title="Money">
      <table className="tabular w-full">
        <ColumnHeads heads={MOVED_HEADS} />
        <tbody>
          {transfers.map((one, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: a transfer is its place
            <tr key={i} className="border-t border-line">
              <td>{one.who}</td>
              <td className="text-muted">{one.why}</td>
              <td className="text-right">{digits(one.before)}</td>
              <td className="text-right">
                <Figure value={one.change} signed />
              </td>
              <td className="text-right">{digits(one.after)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </Part>
  )
}
