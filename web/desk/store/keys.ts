import type { KeyboardEvent } from 'react'

const TYPED_INTO = 'input:not([type=checkbox]), textarea, select'

/**
 * The key that acts on an order with the focus, letters in small; undefined: it is meant for something else. A key that is held goes
 * on through the orders, but never finishes one after the other.
 */
export function orderKey({ key, target, repeat, ctrlKey, metaKey, altKey }: KeyboardEvent): string | undefined {
  if (ctrlKey || metaKey || altKey) return undefined
  if (target instanceof Element && target.matches(TYPED_INTO)) return undefined
  const letter = key.length === 1 ? key.toLowerCase() : key
  return repeat && letter !== 'j' && letter !== 'k' ? undefined : letter
}
