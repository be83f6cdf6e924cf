import { usedInShow } from '../access/index.ts'
import { currencySetting, inWords } from '../currency/index.ts'
import { balanceOf, earnedOf } from '../ledger/index.ts'
import { presentCount, presentOf, type TopList, topOf } from '../lists/index.ts'
import { subscribes, type ViewerRow, viewers, watchOf } from '../people/index.ts'
import { rankName } from '../ranks/index.ts'
import { readSetting, zoneSetting } from '../settings/index.ts'
import { openShow, showOnAir } from '../show/index.ts'
import { countOf, openTallies, tallyInWords } from '../tallies/index.ts'
import type { Argument } from '../words/index.ts'
import type { World } from '../world/index.ts'
import type { Run } from './run.ts'

/** Getters, so that only what a text names is looked up: not everything is loaded for every run. */
type Lazy = Record<string, unknown>

function lazily(makers: Readonly<Record<string, () => unknown>>): Lazy {
  const made = {}
  for (const [name, make] of Object.entries(makers)) Object.defineProperty(made, name, { get: make, enumerable: true })
  return made
}

/** How many places a text can tell of a top list. */
const MOST_PLACES = 10

/** What texts can name, as it is at this moment of a run. */
export function fieldsNow(run: Run): Lazy {
  const { world, caller } = run
  const currency = readSetting(world, currencySetting)
  const top = (list: TopList) => () => topOf(world, list, MOST_PLACES)
  return lazily({
    viewer: () => (caller === undefined ? lazily({ name: () => '' }) : viewerFields(world, caller)),
    args: () => argumentFields(run),
    tally: () =>
      lazily(
        Object.fromEntries(
          openTallies(world).map((tally) => [
            tally.key,
            () => lazily({ name: () => tally.name, top: top(`tally/${tally.id}`) }),
          ]),
        ),
      ),
    top: () => lazily({ balance: top('balance'), hours: () => hoursTop(world), earned: top('earned') }),
    show: () => showFields(world),
    counts: () => countFields(run),
    present: () => lazily({ random: () => randomPresent(run) }),
    now: () => nowFields(world),
    currency: () => lazily({ one: () => currency.one, many: () => currency.many }),
    event: () => run.figures,
    reward: () => ({ name: run.figures.name ?? '', price: run.figures.price ?? 0 }),
    order: () => ({ text: run.figures.text ?? '', cost: run.figures.cost ?? '' }),
    paid: () => run.paid,
    taken: () => run.taken,
  })
}

const hoursTop = (world: World) =>
  topOf(world, 'hours', MOST_PLACES).map((entry) => ({ ...entry, value: Math.floor(entry.value / 3600) }))

/** What can be told of somebody. */
function viewerFields(world: World, { id }: ViewerRow): Lazy {
  const viewer = (): ViewerRow | undefined => world.get(viewers, id)
  const watched = () => watchOf(world, id).watchedSeconds
  return lazily({
    name: () => viewer()?.name ?? '',
    balance: () => balanceOf(world, id),
    has: () => inWords(balanceOf(world, id), readSetting(world, currencySetting)),
    earned: () => earnedOf(world, id),
    rank: () => rankName(world, id),
    hours: () => Math.floor(watched() / 3600),
    minutes: () => Math.floor(watched() / 60),
    follower: () => viewer()?.followedAt !== null,
    subscriber: () => subscribes(viewer() as ViewerRow, world.at),
    tier: () => (subscribes(viewer() as ViewerRow, world.at) ? viewer()?.tier : 0),
    moderator: () => viewer()?.moderator ?? false,
    tally: () =>
      lazily(
        Object.fromEntries(
          openTallies(world).map((tally) => [
            tally.key,
            () =>
              lazily({
                count: () => countOf(world, tally.id, id).total,
                show: () => countOf(world, tally.id, id).show,
                has: () => tallyInWords(tally, countOf(world, tally.id, id).total),
              }),
          ]),
        ),
      ),
  })
}

function argumentFields({ world, given, wanted }: Run): Lazy {
  const makers = wanted.map(({ name, kind }: Argument) => {
    const value = given[name]
    if (kind !== 'viewer' || value === undefined) return [name, () => value ?? '']
    return [name, () => viewerFields(world, world.get(viewers, Number(value)) as ViewerRow)]
  })
  return lazily(Object.fromEntries(makers))
}

function showFields(world: World): Lazy {
  const show = openShow(world)
  return lazily({
    title: () => show?.title ?? '',
    number: () => show?.number ?? 0,
    minutes: () => (show === undefined ? 0 : Math.floor(((show.endedAt ?? world.at) - show.startedAt) / 60)),
    on_air: () => showOnAir(world) !== undefined,
    paid: () => show?.paid ?? 0,
    spent: () => show?.spent ?? 0,
  })
}

const countFields = ({ world, limitKey, caller }: Run): Lazy =>
  lazily({
    present: () => presentCount(world),
    used: () => usedInShow(world, limitKey, null).all,
    used_by_viewer: () => usedInShow(world, limitKey, caller?.id ?? null).own,
  })

function randomPresent(run: Run): string {
  const here = presentOf(run.world)
  return here.length === 0 ? '' : (here[run.draw(here.length)]?.name ?? '')
}

function nowFields(world: World): Lazy {
  const { timeZone } = readSetting(world, zoneSetting)
  const as = (options: Intl.DateTimeFormatOptions) => () =>
    new Intl.DateTimeFormat('en-GB', { timeZone, ...options }).format(world.at * 1000)
  return lazily({
    date: as({ day: 'numeric', month: 'long', year: 'numeric' }),
    time: as({ hour: '2-digit', minute: '2-digit', hourCycle: 'h23' }),
    weekday: as({ weekday: 'long' }),
  })
}
