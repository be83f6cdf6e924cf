import type { Refusal } from '../world/index.ts'

/** What a line came to: what is answered, and by which key refusals of it are kept from being told too often. */
export interface Joined {
  readonly key: `${'b' | 'o'}${number}`
  readonly told: string | Refusal
}
