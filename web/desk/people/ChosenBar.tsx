import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react'
import { answerOf, api, type Sent } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { useToast } from '../../parts/feedback/toasts.tsx'
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
export function ChosenBar({ chosen, view, ranks, correct, clear, done }: ChosenBarProps) {
  const toast = useToast()
  const viewers = [...chosen.keys()]
  const who = chosen.size === 1 ? [...chosen.values()][0] : `${chosen.size} people`
  const act = (send: () => Sent<unknown>, text: string, back?: () => Sent<unknown>) =>
    void answerOf(send()).then(
      () => {
        const undo = back && (() => act(back, 'Undone.'))
        toast({ text, ...(undo && { undo }) })
        done()
      },
      (fault: Error) => toast({ text: fault.message, look: 'problem' }),
    )
  const archive = (archived: boolean) => () => api.POST('/desk/people/archive', { body: { viewers, archived } })
  const ignore = (ignored: boolean) => () => api.POST('/desk/people/ignore', { body: { viewers, ignored } })
  const join = (circle: number, how: 'in' | 'out' | 'rules') => () =>
    api.POST('/desk/circles/{circle}/join', { params: { path: { circle } }, body: { viewers, how } })
  const archived = view.shown === 'archived'
  const ignored = view.shown === 'ignored'
  const items = [
    {
      name: archived ? 'Restore from the archive' : 'Archive',
      run: () =>
        act(
          archive(!archived),
          archived ? `${who}: listed again.` : `${who}: archived, and back as soon as they come.`,
          archive(archived),
        ),
    },
    {
      name: ignored ? 'Stop ignoring' : 'Ignore',
      run: () =>
        act(
          ignore(!ignored),
          ignored ? `${who}: no longer ignored.` : `${who}: ignored, earning nothing and in no list.`,
          ignore(ignored),
        ),
    },
    ...ranks.circles.flatMap(({ id, name }) => [
      {
        name: `Add to "${name}"`,
        run: () => act(join(id, 'in'), `${who}: in "${name}".`, join(id, 'rules')),
      },
      {
        name: `Remove from "${name}"`,
        run: () => act(join(id, 'out'), `${who}: out of "${name}".`, join(id, 'rules')),
      },
    ]),
  ]
  return (
    <div className="ml-auto flex items-center gap-2">
      <Button look="main" onClick={() => correct({ viewers, words: wordsFor([...chosen.values()]) })}>
        Adjust {chosen.size === 1 ? [...chosen.values()][0] : `${chosen.size} chosen`} …
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

/** "pia, jo and 3 others". */
function wordsFor(names: readonly string[]): string {
  const [first, second, ...others] = names
  if (others.length === 0) return second === undefined ? (first ?? '') : `${first} and ${second}`
  return `${first}, ${second} and ${others.length} ${others.length === 1 ? 'other' : 'others'}`
}
