import type { DeclaredRefusal } from '../world/index.ts'

/** For what reasons the rules of the library say no. */
export const libraryRefusals = {
  alert_used: { kind: 'conflict', when: 'Rewards or steps show this alert; the sentence names them.' },
  media_not_found: { kind: 'missing', when: 'The library has no such file.' },
  media_used: { kind: 'conflict', when: 'Something uses this file; the sentence names it.' },
} as const satisfies Readonly<Record<string, DeclaredRefusal>>

type Declared = typeof libraryRefusals
declare module '../world/result.ts' {
  interface Refusals extends Declared {}
}
