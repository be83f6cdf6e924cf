import { tellsRefusal } from '../access/index.ts'
import type { ViewerRow } from '../people/index.ts'
import { readSetting } from '../settings/index.ts'
import { type Asker, answer, voiceSetting } from '../voice/index.ts'
import type { Need, World } from '../world/index.ts'
import { betLine, needBetLine } from './betByChat.ts'
import { chipLine, goalLine, needChipLine } from './goalByChat.ts'

/** A line by which somebody takes part in what a whole room does together. */
export interface Joining {
  readonly kind: 'bet' | 'chip' | 'goal'
  readonly rest: string
}

export const isJoining = <K extends string>(line: { readonly kind: K }): line is { readonly kind: K } & Joining =>
  ['bet', 'chip', 'goal'].includes(line.kind)

/** What such a line needs. */
export function needJoining(world: World, { kind, rest }: Joining, account: string): Need[] {
  if (kind === 'bet') return needBetLine(world, rest, account)
  return kind === 'chip' ? needChipLine(world, rest, account) : []
}

const LINES = { bet: betLine, chip: chipLine, goal: goalLine }

/** Takes part as a line of chat says it, and answers. Needs `needJoining`. */
export function joinByChat(world: World, viewer: ViewerRow, { kind, rest }: Joining, asker: Asker): void {
  const before = world.mark()
  const { key, told } = LINES[kind](world, viewer, rest)
  if (typeof told === 'string') {
    answer(world, asker, told, { likeness: key })
    return
  }
  world.undo(before)
  const said = tellsRefusal(world, key, viewer.id, told.code, 0)
  if (said || asker.privately || readSetting(world, voiceSetting).reply === 'private')
    answer(world, asker, `${viewer.name}: ${told.sentence}`)
}
