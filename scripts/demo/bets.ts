import { type BetSettings, USUAL_TERMS } from '#core/bets'
import { STREAMER } from '../../standin/src/people.ts'
import type { Submit } from './submit.ts'

const bet = (question: string, outcomes: readonly (readonly [string, string])[]): BetSettings => ({
  ...USUAL_TERMS,
  question,
  outcomes: outcomes.map(([name, word]) => ({ name, word })),
})

const RADIO = bet('Will the radio play tonight?', [
  ['Yes', 'yes'],
  ['Only noise', 'noise'],
  ['No', 'no'],
])
const SCREWS = bet('How many screws are left over?', [
  ['None', 'none'],
  ['One', 'one'],
  ['Two or more', 'more'],
])
const BREAK = {
  ...bet('Done before the break?', [
    ['Yes', 'yes'],
    ['No', 'no'],
  ]),
  rakeBp: 500,
}

/** Runs while somebody looks at the demo. */
const CLOCK = {
  ...bet('Which hand of the tram clock moves first?', [
    ['The hour hand', 'hour'],
    ['The minute hand', 'minute'],
    ['Neither', 'neither'],
  ]),
  openSeconds: 0,
  onAir: false,
}

/** The bets that are kept to open them with a key. */
export async function seedBets(submit: Submit, at: number): Promise<void> {
  for (const [i, settings] of [RADIO, SCREWS, BREAK].entries())
    await submit(at, { kind: 'bet.saveTemplate', template: null, settings, digit: i + 4 })
}

interface Person {
  readonly account: string
  readonly name: string
}

/** A bet of an evening, from the opening to the payment. */
export async function pastBet(
  submit: Submit,
  chance: () => number,
  people: readonly Person[],
  { index, at }: { readonly index: number; readonly at: number },
): Promise<void> {
  const settings = [RADIO, SCREWS, BREAK][index % 3] ?? RADIO
  const id = await open(submit, at, settings)
  if (id === undefined) return
  await lay(
    submit,
    chance,
    people.filter(() => chance() < 0.5),
    id,
    settings,
    at,
  )
  await submit(at + 300, { kind: 'bet.act', bet: id, act: { does: 'lock' }, by: STREAMER.account })
  const outcome = Math.floor(chance() * settings.outcomes.length)
  const note = index % 2 === 0 ? 'Heard by everybody in the recording.' : ''
  const act = { does: 'settle', outcome, knownFrom: at + 290, note, link: '', instead: false } as const
  await submit(at + 900, { kind: 'bet.act', bet: id, act, by: STREAMER.account })
  await submit(at + 920, { kind: 'bet.tick', bet: id, what: 'pay', due: Math.floor(at + 920) })
  await submit(at + 920, { kind: 'bet.tick', bet: id, what: 'page', due: Math.floor(at + 920), after: 0 })
}

/** The bet that is on when somebody looks at the demo. */
export async function runningBet(submit: Submit, chance: () => number, people: readonly Person[], at: number) {
  const id = await open(submit, at, CLOCK)
  if (id !== undefined) await lay(submit, chance, people, id, CLOCK, at)
}

async function open(submit: Submit, at: number, settings: BetSettings): Promise<number | undefined> {
  const made = await submit(at, { kind: 'bet.open', settings, template: null, by: STREAMER.account })
  return made.ok ? made.value.bet : undefined
}

async function lay(
  submit: Submit,
  chance: () => number,
  people: readonly Person[],
  id: number,
  { outcomes }: BetSettings,
  at: number,
): Promise<void> {
  for (const { account, name } of people) {
    const outcome = Math.floor(chance() ** 1.6 * outcomes.length)
    const stake = 10 * (1 + Math.floor(chance() ** 2 * 20))
    await submit(at + 5 + chance() * 280, { kind: 'bet.lay', who: { account, name }, bet: id, outcome, stake })
  }
}
