import type { HowMany, Target } from '../steps/index.ts'
import type { Around } from './around.ts'

// What is wrong with what several kinds of steps have.

export const setupFaults = (setup: number, { setups }: Around): string[] =>
  setups.some(({ id }) => id === setup) ? [] : ['Choose a set-up of a raffle.']

export const oneOnly = (target: Target): string[] =>
  target.of === 'present' || target.of === 'circle' ? ['This can be about one person only.'] : []

export function targetFaults(target: Target, { arguments: wanted, circles, viewer }: Around): string[] {
  if (target.of === 'caller' && !viewer) return ['Nobody sets this off: choose whom it is about.']
  if (target.of === 'circle' && !circles.some(({ id }) => id === target.circle)) return ['Choose a circle.']
  if (target.of !== 'argument') return []
  const found = wanted.find(({ name, kind }) => name === target.name && kind === 'viewer')
  if (found === undefined) return [`There is no argument "${target.name}" that names a viewer.`]
  return found.needed ? [] : [`"${target.name}" can be left out: then there is nobody to do this for. Make it needed.`]
}

export function amountFaults(amount: HowMany, { arguments: wanted }: Around, zero = false): string[] {
  if ('fixed' in amount) return amount.fixed > 0 || zero ? [] : ['Give an amount above 0.']
  const found = wanted.find(({ name, kind }) => name === amount.argument && (kind === 'amount' || kind === 'number'))
  if (found === undefined) return [`There is no argument "${amount.argument}" that is an amount.`]
  return found.needed ? [] : [`"${amount.argument}" can be left out: then the amount is 0. Make it needed.`]
}

/** Something must be said. */
export const emptyFault = (text: string, sentence = 'Write what is to be said.'): string[] =>
  text.trim() === '' ? [sentence] : []
