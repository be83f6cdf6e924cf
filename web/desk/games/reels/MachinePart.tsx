import { useState } from 'react'
import { inPercent, machineOdds, type SettingsOf, tunedTo } from '#core/games'
import { Button } from '../../../parts/Button.tsx'
import { FaultsAt } from '../../../parts/form/DraftField.tsx'
import { NumberInput, Select, TextInput } from '../../../parts/form/inputs.tsx'
import { SymbolShown } from '../../../parts/games/SymbolShown.tsx'
import { DRAWN_SYMBOLS } from '../../../parts/games/symbols.ts'
import { type ColumnHead, ColumnHeads } from '../../../parts/table/ColumnHeads.tsx'
import { DecimalInput } from '../DecimalInput.tsx'

type Reels = SettingsOf['reels']

interface MachinePartProps {
  readonly draft: Reels
  readonly put: (patch: never) => void
}

/** The strip and the pay table side by side, with how often each line pays and what all of it gives back. */
export function MachinePart({ draft, put }: MachinePartProps) {
  const { strip, table } = draft
  const set = put as (patch: Partial<Reels>) => void
  const whole = table.every(({ symbol }) => strip.some((one) => one.symbol === symbol))
  const odds = machineOdds({ strip, table })
  return (
    <div className="flex flex-col gap-5">
      {whole && <Tune draft={draft} set={set} odds={odds} />}
      <div className="grid lg:cols-rail-main gap-6">
        <FaultsAt name="strip">
          <Strip draft={draft} set={set} />
        </FaultsAt>
        <FaultsAt name="table">
          <Table draft={draft} set={set} odds={odds} />
        </FaultsAt>
      </div>
    </div>
  )
}

interface Parts {
  readonly draft: Reels
  readonly set: (patch: Partial<Reels>) => void
  readonly odds: ReturnType<typeof machineOdds>
}

const MOST_SYMBOLS = 12
const MOST_LINES = 24

function Strip({ draft: { strip, table }, set }: Omit<Parts, 'odds'>) {
  const free = DRAWN_SYMBOLS.find((one) => !strip.some(({ symbol }) => symbol === one)) ?? '⭐'
  return (
    <section aria-label="Strip" className="flex flex-col gap-2">
      <h3 className="font-sans font-semibold">On each reel</h3>
      <p className="text-note text-muted">A higher weight comes up more often. A built-in symbol, or any emoji.</p>
      {strip.map((_, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a symbol is renamed while it keeps its place
        <SymbolRow key={i} i={i} draft={{ strip, table }} set={set} />
      ))}
      <datalist id="symbols">
        {DRAWN_SYMBOLS.map((one) => (
          <option key={one} value={one} />
        ))}
      </datalist>
      {strip.length < MOST_SYMBOLS && (
        <Button className="self-start" onClick={() => set({ strip: [...strip, { symbol: free, weight: 1 }] })}>
          Add a symbol
        </Button>
      )}
    </section>
  )
}

interface SymbolRowProps {
  readonly i: number
  readonly draft: Pick<Reels, 'strip' | 'table'>
  readonly set: Parts['set']
}

function SymbolRow({ i, draft: { strip, table }, set }: SymbolRowProps) {
  const { symbol = '', weight = 1 } = strip[i] ?? {}
  const total = strip.reduce((sum, one) => sum + one.weight, 0)
  const put = (patch: Partial<Reels['strip'][number]>) => ({
    strip: strip.map((one, k) => (k === i ? { ...one, ...patch } : one)),
  })
  const renamed = (to: string) => table.map((line) => (line.symbol === symbol ? { ...line, symbol: to } : line))
  const rename = (to: string) => set({ ...put({ symbol: to }), table: renamed(to) })
  const remove = () =>
    set({ strip: strip.filter((_, k) => k !== i), table: table.filter((line) => line.symbol !== symbol) })
  return (
    <div className="flex items-center gap-2">
      <SymbolShown symbol={symbol} className="size-7 shrink-0" />
      <TextInput
        aria-label={`Symbol ${i + 1}`}
        list="symbols"
        value={symbol}
        most={16}
        onValue={(text) => rename(text.replace(/\s/g, '') || '?')}
        className="w-20"
      />
      <NumberInput
        label={`Weight of ${symbol}`}
        value={weight}
        most={1000}
        className="w-14"
        onValue={(n) => set(put({ weight: Math.max(1, n) }))}
      />
      <span className="tabular w-10 text-right text-sm whitespace-nowrap text-muted">
        {Math.round((100 * weight) / total)} %
      </span>
      {strip.length > 2 && (
        <Button look="quiet" aria-label={`Remove ${symbol}`} onClick={remove}>
          ×
        </Button>
      )}
    </div>
  )
}

const TABLE_HEADS: readonly ColumnHead[] = [
  { name: 'Shown' },
  { name: 'pays' },
  { name: 'how often', end: true },
  { name: 'Change', hidden: true },
]

function Table({ draft, set, odds }: Parts) {
  const { strip, table } = draft
  const fresh = strip.flatMap(({ symbol }) =>
    (['three', 'two'] as const).map((match) => ({ match, symbol, multiplier: 100 })),
  )
  const free = fresh.find(({ match, symbol }) => !table.some((line) => line.match === match && line.symbol === symbol))
  return (
    <section aria-label="Pay table" className="flex flex-col gap-2">
      <h3 className="font-sans font-semibold">Pay table: the first line that matches pays</h3>
      <table className="tabular w-full text-note">
        <ColumnHeads heads={TABLE_HEADS} />
        <tbody>
          {table.map((_, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: the place of a line is what it means
            <LineRow key={i} i={i} draft={draft} set={set} odds={odds} />
          ))}
        </tbody>
      </table>
      {free !== undefined && table.length < MOST_LINES && (
        <Button className="self-start" onClick={() => set({ table: [...table, free] })}>
          Add a line
        </Button>
      )}
    </section>
  )
}

const MATCHES = [
  { value: 'three', name: '3' },
  { value: 'two', name: '2' },
] as const

type Line = Reels['table'][number]

interface LineShownProps {
  readonly i: number
  readonly line: Line
  readonly strip: Reels['strip']
  readonly change: (patch: Partial<Line>) => void
}

const LineShown = ({ i, line, strip, change }: LineShownProps) => (
  <span className="flex items-center gap-1.5">
    <Select
      label={`Line ${i + 1}, how many`}
      value={line.match}
      choices={MATCHES}
      onChoose={(match) => change({ match })}
    />
    <Select
      label={`Line ${i + 1}, of what`}
      value={line.symbol}
      choices={strip.map(({ symbol }) => ({ value: symbol, name: symbol }))}
      onChoose={(symbol) => change({ symbol })}
    />
  </span>
)

function LineRow({ i, draft: { strip, table }, set, odds }: Parts & { readonly i: number }) {
  const line = table[i]
  if (line === undefined) return null
  const change = (patch: Partial<Line>) => set({ table: table.map((one, k) => (k === i ? { ...one, ...patch } : one)) })
  return (
    <tr className="border-t border-line">
      <td className="py-1.5">
        <LineShown i={i} line={line} strip={strip} change={change} />
      </td>
      <td>
        <span className="flex items-center gap-1.5 pl-2">
          ×
          <DecimalInput
            label={`Line ${i + 1} pays`}
            value={line.multiplier}
            per={100}
            most={1_000_000}
            onValue={(multiplier) => change({ multiplier })}
          />
        </span>
      </td>
      <td className="text-right">{odds.lines[i] && inPercent(odds.lines[i])}</td>
      <td className="text-right whitespace-nowrap">
        <LineButtons i={i} table={table} set={set} />
      </td>
    </tr>
  )
}

function LineButtons({ i, table, set }: { i: number; table: Reels['table']; set: Parts['set'] }) {
  return (
    <>
      {i > 0 && (
        <Button look="quiet" aria-label={`Line ${i + 1} up`} onClick={() => set({ table: swapped(table, i) })}>
          ↑
        </Button>
      )}
      {table.length > 1 && (
        <Button
          look="quiet"
          aria-label={`Remove line ${i + 1}`}
          onClick={() => set({ table: table.filter((_, k) => k !== i) })}
        >
          ×
        </Button>
      )}
    </>
  )
}

function swapped(table: Reels['table'], i: number): Reels['table'] {
  const [above, line] = [table[i - 1], table[i]]
  if (above === undefined || line === undefined) return table
  return [...table.slice(0, i - 1), line, above, ...table.slice(i + 1)]
}

function Tune({ draft, set, odds }: Parts) {
  const [percent, setPercent] = useState(95)
  const { strip, table } = draft
  return (
    <p className="flex flex-wrap items-center gap-x-3 gap-y-2 rounded-md bg-surface px-4 py-3">
      <span>
        <strong className="tabular">{inPercent(odds.hits)}</strong> of the spins pay something;{' '}
        <strong className="tabular">{inPercent(odds.returns)}</strong> of all stakes is paid back.
      </span>
      <span className="ml-auto flex items-center gap-2">
        Set the return to
        <NumberInput
          label="Wanted return in per cent"
          value={percent}
          most={150}
          className="w-16"
          onValue={setPercent}
        />
        %
        <Button
          disabled={percent === 0}
          onClick={() => set({ table: [...tunedTo({ strip, table }, percent * 10_000).table] })}
        >
          Change what the lines pay
        </Button>
      </span>
    </p>
  )
}
