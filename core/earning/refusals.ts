import type { DeclaredRefusal } from '../world/index.ts'

/** For what reasons the rules of pay say no. */
export const earningRefusals = {
  check_in_off: { kind: 'conflict', when: 'The plan pays nothing for checking in.' },
  checked_in_already: { kind: 'conflict', when: 'Each viewer checks in once per show.' },
  earning_plan_invalid: { kind: 'invalid', when: 'The settings of the plan contradict each other.' },
  gap_not_open: { kind: 'conflict', when: 'A gap was paid or let go already.' },
  gap_not_paid: { kind: 'conflict', when: 'There is no payment of this gap to take back.' },
  gap_too_old: { kind: 'conflict', when: 'A later show began; adjust balances for a gap of an earlier one.' },
  newcomer_waits: { kind: 'conflict', when: 'Newcomers wait before they spend. `data` says how many `seconds`.' },
  zone_unknown: { kind: 'invalid', when: 'There is no time zone of this name.' },
} as const satisfies Readonly<Record<string, DeclaredRefusal>>

type Declared = typeof earningRefusals
declare module '../world/result.ts' {
  interface Refusals extends Declared {}
}
