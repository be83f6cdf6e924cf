import type { DeclaredRefusal } from '../world/index.ts'

/** For what reasons the rules of what other services report say no. */
export const eventRefusals = {
  supporter_not_found: { kind: 'missing', when: 'This support was already matched or dismissed.' },
  tip_no_rate: { kind: 'conflict', when: 'The earning plan has no rate for the tip’s currency yet.' },
} as const satisfies Readonly<Record<string, DeclaredRefusal>>

type Declared = typeof eventRefusals
declare module '../world/result.ts' {
  interface Refusals extends Declared {}
}
