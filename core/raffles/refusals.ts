import type { DeclaredRefusal } from '../world/index.ts'

/** For what reasons the rules of raffles say no. */
export const raffleRefusals = {
  raffle_answer: {
    kind: 'invalid',
    when: 'What is guessed has an answer that the team must set, and it is missing or out of bounds.',
  },
  raffle_guess: { kind: 'invalid', when: 'A guess is missing, no whole number, or out of bounds.' },
  raffle_closed: { kind: 'conflict', when: 'The raffle is closed, over or called off.' },
  raffle_delivered: { kind: 'conflict', when: 'The prize has been handed out, so this cannot be taken back.' },
  raffle_drawing: { kind: 'conflict', when: 'A draw is being shown; the winner is announced in a moment.' },
  raffle_drawn: { kind: 'conflict', when: 'This draw has been made, or the draw has begun and who is in stays in.' },
  raffle_follow: { kind: 'forbidden', when: 'The raffle is for who has followed for so many days.' },
  raffle_hours: { kind: 'forbidden', when: 'The raffle is for viewers who have watched so many hours.' },
  raffle_invalid: {
    kind: 'invalid',
    when: 'The raffle’s settings contradict one another or name something that is not there.',
  },
  raffle_most: { kind: 'conflict', when: 'More tickets than one person can have.' },
  raffle_no_claim: { kind: 'conflict', when: 'There is nothing to claim: not drawn, or the time is over.' },
  raffle_nobody: { kind: 'conflict', when: 'Nobody is in the raffle who could be drawn.' },
  raffle_not_drawn: {
    kind: 'conflict',
    when: 'The raffle cannot be finished before somebody has won what was paid for.',
  },
  raffle_not_for_you: { kind: 'forbidden', when: 'The raffle is not open to this viewer.' },
  raffle_not_found: { kind: 'missing', when: 'No raffle, set-up or winner has this number, or the raffle has ended.' },
  raffle_not_in: { kind: 'conflict', when: 'This viewer is not in the raffle.' },
  raffle_not_open: { kind: 'conflict', when: 'The raffle is not open yet.' },
  raffle_off_air: { kind: 'conflict', when: 'The raffle belongs to a show, and there is none on air.' },
  raffle_seen: { kind: 'forbidden', when: 'The raffle is for who was at so many of the last shows.' },
  raffle_waiting: { kind: 'conflict', when: 'Somebody who was drawn still has time to reply.' },
  raffle_won_lately: { kind: 'conflict', when: 'The viewer won lately and has to wait.' },
  raffle_wrong_place: { kind: 'conflict', when: 'The raffle is entered elsewhere: in chat, or on the viewer page.' },
  words_overlap: { kind: 'invalid', when: 'A word of chat would mean two things.' },
} as const satisfies Readonly<Record<string, DeclaredRefusal>>

type Declared = typeof raffleRefusals
declare module '../world/result.ts' {
  interface Refusals extends Declared {}
}
