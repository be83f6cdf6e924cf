import { currencySetting } from '#core/currency'
import { BOOKS, explainTransfer, transfers } from '#core/ledger'
import { viewers } from '#core/people'
import { runs } from '#core/runs'
import type { UnixSeconds } from '#core/schema'
import { readSetting } from '#core/settings'
import { orders } from '#core/store'
import { type Fact, type FactKind, needKey, type Refusal, type World } from '#core/world'
import type { Moved, Tried } from './answers.ts'

const MOST_SHOWN = 50

/** Reads what a try came to from the copy it was played on. */
export function whatHappened(world: World, at: UnixSeconds, refusal: Refusal | null): Tried {
  const told = <K extends FactKind>(kind: K) => world.facts.filter((fact): fact is Fact<K> => fact.kind === kind)
  const [run] = [...world.appended(runs), ...world.all(runs)]
  return {
    outcome: run?.outcome ?? (refusal === null ? 'waiting' : 'refused'),
    refusal: refusal ?? (run?.code == null ? null : { code: run.code, sentence: run.why ?? '' }),
    steps: run?.log ?? [],
    lines: told('chat.replied').map((fact) => ({ to: fact.body.to, text: fact.body.text, after: fact.at - at })),
    transfers: movedIn(world),
    alerts: told('screen.alert').map(({ body }) => body),
    sounds: told('screen.sound').map(({ body }) => body.sound),
    orders: told('order.placed').map(({ body }) => `${body.rewardName} for ${body.viewerName}`),
    seconds: Math.max(0, ...world.facts.map((fact) => fact.at - at)),
  }
}

function movedIn(world: World): Moved[] {
  const currency = readSetting(world, currencySetting)
  const held = new Set<number>(Object.values(BOOKS))
  const nameOf = (id: number): string =>
    world.rows.has(needKey(viewers, id)) ? (world.get(viewers, id)?.name ?? orderOf(world, id)) : orderOf(world, id)
  return world
    .appended(transfers)
    .flatMap((row): Moved[] => {
      const why = explainTransfer(row, currency)
      const sides = [
        { account: row.from, change: -row.amount, after: row.fromBalance },
        { account: row.to, change: row.amount, after: row.toBalance },
      ]
      return sides
        .filter(({ account, after }) => !held.has(account) && after !== null)
        .map(({ account, change, after }) => ({
          who: nameOf(account),
          why,
          change,
          before: Number(after) - change,
          after: Number(after),
        }))
    })
    .slice(0, MOST_SHOWN)
}

const orderOf = (world: World, id: number): string =>
  world.rows.has(needKey(orders, id)) && world.get(orders, id) !== undefined ? 'held for the order' : 'somebody'
