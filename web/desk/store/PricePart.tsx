import { digits, inWords } from '#core/currency'
import {
  atOnce,
  couldBuy,
  medianOf,
  neighboursOf,
  priceInWatching,
  watchingInWords,
  whenAtOnce,
  wouldSell,
} from '#core/store'
import { NumberInput, Select } from '../../parts/form/inputs.tsx'
import { useStatus } from '../status.ts'
import type { PartProps } from './part.ts'

/** What it costs, said in watching for each kind of viewer, by what people hold, and by what sold before. */
export function PricePart({ draft, put, store, view, id }: PartProps) {
  const { currency } = useStatus()
  const { holdings, plan } = store
  const able = couldBuy(holdings, draft.price)
  return (
    <div className="grid sm:cols-rail-main gap-6">
      <div className="flex flex-col gap-3">
        <div className="flex flex-col gap-1">
          <span>Price</span>
          <span className="flex items-center gap-2">
            <NumberInput
              label="Price"
              value={draft.price}
              none="free"
              onValue={(price) => put({ price })}
              className="w-28 text-lg font-semibold"
            />
            <span className="text-muted">{currency.many}</span>
          </span>
        </div>
        <TallyCostField draft={draft} put={put} tallies={store.tallies} />
        <p aria-live="polite" className="text-muted">
          {holdings.people === 0
            ? 'Nobody has been here in the last 30 days, so balances are not known.'
            : `Of ${digits(holdings.people)} people of the last 30 days, half hold ${digits(medianOf(holdings))} or less; about ${digits(able)} could buy it now.`}
        </p>
        <Sells {...{ draft, store, id }} />
        <Newcomer price={draft.price} store={store} />
      </div>
      <WatchingBars kinds={priceInWatching(plan, view.circles, draft.price)} scheduled={store.scheduled} />
    </div>
  )
}

interface TallyCostFieldProps extends Pick<PartProps, 'draft' | 'put'> {
  readonly tallies: PartProps['store']['tallies']
}

/** What it costs of a tally, beside the price or in its place: ten stamps. */
function TallyCostField({ draft: { tally }, put, tallies }: TallyCostFieldProps) {
  if (tallies.length === 0 && tally === null) return null
  const choose = (id: string) => put({ tally: id === '' ? null : { tally: Number(id), count: tally?.count ?? 10 } })
  return (
    <p className="flex flex-wrap items-center gap-2">
      <span>and</span>
      {tally !== null && (
        <NumberInput
          label="How many of the tally"
          value={tally.count}
          most={1_000_000}
          className="w-20"
          onValue={(count) => put({ tally: { ...tally, count: Math.max(1, count) } })}
        />
      )}
      <Select
        label="Tally it costs"
        value={String(tally?.tally ?? '')}
        choices={[
          { value: '', name: 'no tally' },
          ...tallies.map(({ id, many }) => ({ value: String(id), name: many })),
        ]}
        onChoose={choose}
      />
    </p>
  )
}

interface WatchingBarsProps {
  readonly kinds: ReturnType<typeof priceInWatching>
  /** They are by the plan that begins with the next show. */
  readonly scheduled: boolean
}

function WatchingBars({ kinds, scheduled }: WatchingBarsProps) {
  const longest = Math.max(1, ...kinds.map(({ seconds }) => seconds ?? 0))
  return (
    <section aria-label="Hours of watching it takes">
      <h3 className="font-sans font-semibold">Hours of watching it takes</h3>
      <p className="mb-2 text-note text-muted">
        {scheduled ? 'By the earning plan that begins with the next show.' : 'By the current earning plan.'}
      </p>
      <ul className="flex flex-col gap-1.5">
        {kinds.map(({ name, seconds }) => (
          <li key={name} className="grid cols-share items-center gap-3">
            <span className="truncate">{name}</span>
            <span aria-hidden="true" className="h-2 rounded-sm bg-surface">
              <span
                className="block h-full rounded-sm bg-steel"
                style={{ width: `${((seconds ?? 0) / longest) * 100}%` }}
              />
            </span>
            <span className="tabular text-right">{seconds === null ? 'never' : watchingInWords(seconds)}</span>
          </li>
        ))}
      </ul>
    </section>
  )
}

function Sells({ draft, store, id }: Pick<PartProps, 'draft' | 'store' | 'id'>) {
  const tenths = wouldSell(store.holdings, store.sales, {
    reward: id ?? null,
    price: draft.price,
    shows: store.shows,
  })
  const own = store.sales.find(({ reward, sold }) => reward === id && sold > 0)
  const next = neighboursOf(store.sales, draft.price, id ?? null)
  return (
    <>
      <p aria-live="polite" className="text-muted">
        {tenths === null
          ? 'Nothing has been sold yet to estimate sales from.'
          : `Would sell about ${(tenths / 10).toFixed(1)} a show, going by ${own ? 'its own sales' : 'its neighbours in price'} in the last ${store.shows} shows.`}
      </p>
      {next.length > 0 && (
        <div>
          <h3 className="font-sans text-sm text-muted">Next to it in price</h3>
          <ul>
            {next.map(({ reward, name, price, sold }) => (
              <li key={reward} className="flex flex-wrap justify-between gap-x-2">
                <span>{name}</span>
                <span className="tabular ml-auto text-muted">
                  {digits(price)} · {(sold / Math.max(1, store.shows)).toFixed(1)} a show
                </span>
              </li>
            ))}
          </ul>
        </div>
      )}
    </>
  )
}

const WHEN = {
  welcome: 'this can be bought at once',
  following: 'this can be bought once they follow',
  subscribing: 'this can be bought once they subscribe',
}

/** What a newcomer can have at once: with the welcome, a follow, a subscription. */
function Newcomer({ price, store }: { price: number } & Pick<PartProps, 'store'>) {
  const { currency } = useStatus()
  const has = atOnce(store.plan)
  if (has.subscribing === 0) return null
  const when = whenAtOnce(price, has)
  const others = store.rewards.filter(({ settings }) => settings.on && settings.price <= has.welcome).length
  const more = [
    ...(has.following > has.welcome ? [`following brings ${digits(has.following - has.welcome)} more`] : []),
    ...(has.subscribing > has.following ? [`a subscription ${digits(has.subscribing - has.following)} more`] : []),
  ]
  return (
    <p className="text-muted">
      A newcomer begins with {inWords(has.welcome, currency)}
      {more.length > 0 && `; ${more.join(', ')}`}: {when === undefined ? 'not enough for this' : WHEN[when]}
      {others > 0 && `. At once: ${others === 1 ? 'one reward' : `${others} rewards`} of the store`}.
    </p>
  )
}
