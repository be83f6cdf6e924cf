import type { ChatWords } from '#core/commands'
import type { Currency } from '#core/currency'

/** The currency and what chat understands. */
export interface Words {
  readonly currency: Currency
  readonly words: ChatWords
  readonly handing: { readonly on: boolean; readonly perDay: number; readonly reply: string }
  readonly zone: string
}
