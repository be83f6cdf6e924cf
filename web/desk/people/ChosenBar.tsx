import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react'
import { answerOf, api, type Sent } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { useChange } from '../../parts/useChange.ts'
import type { Whom } from './CorrectDialog.tsx'
import { MENU, MENU_BUTTON, MENU_ITEM } from './menu.ts'
import type { PeopleView, RanksKnown } from './people.ts'

interface ChosenBarProps {
  readonly chosen: ReadonlyMap<number, string>
  readonly view: PeopleView
  readonly ranks: RanksKnown
  readonly correct: (whom: Whom) => void
  readonly clear: () => void
  readonly done: () => void
}

/** What can be done with the people chosen in the list. */
export function ChosenBar(props: ChosenBarProps) {
  const { chosen, correct, clear } = props
  const names = [...chosen.values()]
  const items = useDeeds(props)
  return (
    <div className="ml-auto flex flex-wrap items-center gap-2">
      <Button needs="act" look="main" onClick={() => correct({ viewers: [...chosen.keys()], words: wordsFor(names) })}>
        Adjust {chosen.size === 1 ? names[0] : `${chosen.size} chosen`} …
      </Button>
      <Menu>
        <MenuButton className={MENU_BUTTON}>Actions …</MenuButton>
        <MenuItems anchor="bottom end" className={MENU}>
          {items.map(({ name, run }) => (
            <MenuItem key={name}>
              <button type="button" onClick={run} className={MENU_ITEM}>
                {name}
              </button>
            </MenuItem>
          ))}
        </MenuItems>
      </Menu>
      <Button look="quiet" onClick={clear}>
        Clear selection
      </Button>
    </div>
  )
}

interface Deed {
  readonly send: () => Sent<unknown>
  readonly said: string
  /** What takes it back. */
  readonly back: () => Sent<unknown>
}

/** Everything that can be done with them, by its name; each can be taken back. */
function useDeeds({ chosen, view, ranks, done }: ChosenBarProps) {
  const act = useChange({
    ask: ({ send }: Deed) => answerOf(send()),
    invalidates: ['people', 'viewer'],
    said: (_, { said }) => said,
    undo: (_, { back }) => answerOf(back()).then(() => 'Undone.'),
    onDone: done,
  })
  const viewers = [...chosen.keys()]
  const who = chosen.size === 1 ? [...chosen.values()][0] : `${chosen.size} people`
  const archive = (archived: boolean) => () => api.POST('/desk/people/archive', { body: { viewers, archived } })
  const ignore = (ignored: boolean) => () => api.POST('/desk/people/ignore', { body: { viewers, ignored } })
  const join = (circle: number, how: 'in' | 'out' | 'rules') => () =>
    api.POST('/desk/circles/{circle}/join', { params: { path: { circle } }, body: { viewers, how } })
  const [archived, ignored] = [view.shown === 'archived', view.shown === 'ignored']
  const deed = (name: string, send: Deed['send'], back: Deed['back'], said: string) => ({
    name,
    run: () => act.mutate({ send, back, said: `${who}: ${said}` }),
  })
  return [
    archived
      ? deed('Restore from the archive', archive(false), archive(true), 'listed again.')
      : deed('Archive', archive(true), archive(false), 'archived, and back as soon as they come.'),
    ignored
      ? deed('Stop ignoring', ignore(false), ignore(true), 'no longer ignored.')
      : deed('Ignore', ignore(true), ignore(false), 'ignored, earning nothing and in no list.'),
    ...ranks.circles.flatMap(({ id, name }) => [
      deed(`Add to "${name}"`, join(id, 'in'), join(id, 'rules'), `in "${name}".`),
      deed(`Remove from "${name}"`, join(id, 'out'), join(id, 'rules'), `out of "${name}".`),
    ]),
  ]
}

/** "pia, jo and 3 others". */
function wordsFor(names: readonly string[]): string {
  const [first, second, ...others] = names
  if (others.length === 0) return second === undefined ? (first ?? '') : `${first} and ${second}`
  return `${first}, ${second} and ${others.length} ${others.length === 1 ? 'other' : 'others'}`
}
