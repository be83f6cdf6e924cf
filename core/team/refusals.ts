import type { DeclaredRefusal } from '../world/index.ts'

/** For what reasons the rules of the team say no. */
export const teamRefusals = {
  invitation_full: { kind: 'conflict', when: 'So many invitations are open already.' },
  invitation_not_found: { kind: 'missing', when: 'No invitation has this link: it was taken back, or copied in part.' },
  invitation_other: { kind: 'forbidden', when: 'The invitation is for another account.' },
  invitation_over: { kind: 'conflict', when: 'The invitation’s week is over.' },
  invitation_used: { kind: 'conflict', when: 'Somebody has joined by this invitation already.' },
  member_already: { kind: 'conflict', when: 'Whoever joins is in the team already.' },
  member_not_found: { kind: 'missing', when: 'There is no longer a member with this number.' },
  rights_beyond: {
    kind: 'forbidden',
    when: 'Somebody gives rights that they have not, or touches those of who has more.',
  },
  token_invalid: { kind: 'conflict', when: 'The token’s name is taken, or there are too many.' },
  token_not_found: { kind: 'missing', when: 'There is no longer a token with this number.' },
  team_ends_early: { kind: 'invalid', when: 'A membership or a token would end before it begins.' },
} as const satisfies Readonly<Record<string, DeclaredRefusal>>

type Declared = typeof teamRefusals
declare module '../world/result.ts' {
  interface Refusals extends Declared {}
}
