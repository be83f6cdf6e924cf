import type { CheckedStep, Told } from '../checked.ts'
import { drawLot, drawOrder, playMatch } from './bracket.ts'
import type { CupState } from './schema.ts'

/** The bracket that was drawn, and every match that chance decided, once more. */
export function checkCup({ seed, id, state }: Told<CupState, object>): CheckedStep[] {
  const { entrants, drawnFrom, order, matches, rules } = state
  const names = new Map(entrants.map((one) => [one.id, one.name]))
  const inWords = (ids: readonly number[]) => ids.map((one) => names.get(one) ?? `nr. ${one}`).join(', ')
  const drawn = drawOrder(seed, id, drawnFrom)
  // Who took somebody's place after the draw stands where that one stood.
  const standing = drawn.map((one, i) => (names.has(one) ? one : (order[i] ?? one)))
  const played = matches.filter(({ how }) => how === 'played' || how === 'lot')
  return [
    { what: 'The order drawn', label: `cup/${id}/…`, drawn: inWords(standing), told: inWords(order) },
    ...played.map((match) => {
      const { a, b, how, games, winner } = match
      const now = how === 'lot' ? [drawLot(seed, id, match, a ?? 0, b ?? 0)] : playMatch(seed, id, match, rules.bestOf)
      const then = how === 'lot' ? [winner ?? 0] : games
      const label = `duel/${id}.${match.id}.${how === 'lot' ? 0 : 1}/${a}:${b}`
      return { what: `Match ${match.id}`, label, drawn: inWords(now), told: inWords(then) }
    }),
  ]
}
