import { useState } from 'react'
import { inPercent, machineOdds, type SettingsOf, tunedTo } from '#core/games'
import { Button } from '../../../parts/Button.tsx'
import { INPUT, NumberInput, Select } from '../../../parts/form/inputs.tsx'
import { SymbolShown } from '../../../parts/games/SymbolShown.tsx'
import { DRAWN_SYMBOLS } from '../../../parts/games/symbols.ts'
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
      <div className="grid lg:grid-cols-[17rem_minmax(0,1fr)] gap-6">
        <Strip draft={draft} set={set} />
        <Table draft={draft} set={set} odds={odds} />
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
  const total = strip.reduce((sum, { weight }) => sum + weight, 0)
  const rename = (from: string, to: string) =>
    set({
      strip: strip.map((one) => (one.symbol === from ? { ...one, symbol: to } : one)),
      table: table.map((line) => (line.symbol === from ? { ...line, symbol: to } : line)),
    })
  const weigh = (symbol: string, weight: number) =>
    set({ strip: strip.map((one) => (one.symbol === symbol ? { ...one, weight: Math.max(1, weight) } : one)) })
  const free = DRAWN_SYMBOLS.find((one) => !strip.some(({ symbol }) => symbol === one)) ?? '⭐'
  return (
    <section aria-label="Strip" className="flex flex-col gap-2">
      <h3 className="font-sans font-semibold">On each reel</h3>
      <p className="text-[0.93rem] text-muted">A higher weight comes up more often. A built-in symbol, or any emoji.</p>
      {strip.map(({ symbol, weight }, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a symbol is renamed while it keeps its place
        <div key={i} className="flex items-center gap-2">
          <SymbolShown symbol={symbol} className="size-7 shrink-0" />
          <input
            aria-label={`Symbol ${i + 1}`}
            list="symbols"
            value={symbol}
            maxLength={16}
            onChange={(event) => rename(symbol, event.target.value.replace(/\s/g, '') || '?')}
            className={`w-20 ${INPUT}`}
          />
          <NumberInput
            label={`Weight of ${symbol}`}
            value={weight}
            most={1000}
            className="w-14"
            onValue={(n) => weigh(symbol, n)}
          />
          <span className="tabular w-10 text-right text-sm whitespace-nowrap text-muted">
            {Math.round((100 * weight) / total)} %
          </span>
          {strip.length > 2 && (
            <Button
              look="quiet"
              aria-label={`Remove ${symbol}`}
              onClick={() =>
                set({
                  strip: strip.filter((one) => one.symbol !== symbol),
                  table: table.filter((line) => line.symbol !== symbol),
                })
              }
            >
              ×
            </Button>
          )}
        </div>
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

function Table({ draft: { strip, table }, set, odds }: Parts) {
  const change = (i: number, patch: Partial<Reels['table'][number]>) =>
    set({ table: table.map((line, k) => (k === i ? { ...line, ...patch } : line)) })
  const fresh = strip.flatMap(({ symbol }) =>
    (['three', 'two'] as const).map((match) => ({ match, symbol, multiplier: 100 })),
  )
  const free = fresh.find(({ match, symbol }) => !table.some((line) => line.match === match && line.symbol === symbol))
  return (
    <section aria-label="Pay table" className="flex flex-col gap-2">
      <h3 className="font-sans font-semibold">Pay table: the first line that matches pays</h3>
      <table className="tabular w-full text-[0.93rem]">
        <thead className="text-left text-muted">
          <tr>
            <th scope="col" className="font-normal">
              Shown
            </th>
            <th scope="col" className="font-normal">
              pays
            </th>
            <th scope="col" className="text-right font-normal">
              how often
            </th>
            <th scope="col">
              <span className="sr-only">Change</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {table.map((line, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: the place of a line is what it means
            <tr key={i} className="border-t border-line">
              <td className="py-1.5">
                <span className="flex items-center gap-1.5">
                  <Select
                    label={`Line ${i + 1}, how many`}
                    value={line.match}
                    choices={[
                      { value: 'three', name: '3' },
                      { value: 'two', name: '2' },
                    ]}
                    onChoose={(match) => change(i, { match })}
                  />
                  <Select
                    label={`Line ${i + 1}, of what`}
                    value={line.symbol}
                    choices={strip.map(({ symbol }) => ({ value: symbol, name: symbol }))}
                    onChoose={(symbol) => change(i, { symbol })}
                  />
                </span>
              </td>
              <td>
                <span className="flex items-center gap-1.5 pl-2">
                  ×
                  <DecimalInput
                    label={`Line ${i + 1} pays`}
                    value={line.multiplier}
                    per={100}
                    most={1_000_000}
                    onValue={(multiplier) => change(i, { multiplier })}
                  />
                </span>
              </td>
              <td className="text-right">{odds.lines[i] && inPercent(odds.lines[i])}</td>
              <td className="text-right whitespace-nowrap">
                {i > 0 && (
                  <Button
                    look="quiet"
                    aria-label={`Line ${i + 1} up`}
                    onClick={() => set({ table: swapped(table, i) })}
                  >
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
              </td>
            </tr>
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
