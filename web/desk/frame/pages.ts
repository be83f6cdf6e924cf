/** A page that belongs to another: a tab under its title. */
interface TabPage {
  readonly to: string
  readonly name: string
  /** Its heading, where that is not its name. */
  readonly title?: string
}

/** A page of the navigation. */
export interface DeskPage extends TabPage {
  readonly tabs?: readonly TabPage[]
  /** It is as high as the window, and scrolls within. */
  readonly fills?: boolean
  /** Its heading tells what is going on, so it draws its own. */
  readonly ownHead?: boolean
}

interface Group {
  readonly group: string
  readonly pages: readonly DeskPage[]
}

/** The pages of the desk, in the order of the work. */
export const PAGES: readonly Group[] = [
  { group: 'Live', pages: [{ to: '/', name: 'On air', ownHead: true }] },
  {
    group: 'The economy',
    pages: [
      { to: '/earning', name: 'Earning' },
      { to: '/people', name: 'People', fills: true },
      { to: '/ranks', name: 'Ranks', title: 'Ranks and circles' },
      {
        to: '/commands',
        name: 'Commands',
        tabs: [
          { to: '/commands', name: 'Commands' },
          { to: '/commands/triggers', name: 'Triggers' },
          { to: '/commands/tallies', name: 'Tallies' },
          { to: '/commands/log', name: 'Activity' },
          { to: '/commands/words', name: 'Built-in commands' },
          { to: '/commands/voice', name: 'Bot' },
        ],
      },
      {
        to: '/store',
        name: 'Store',
        tabs: [
          { to: '/store', name: 'Rewards', title: 'Store' },
          { to: '/store/orders', name: 'Orders' },
        ],
      },
      {
        to: '/games',
        name: 'Games',
        tabs: [
          { to: '/games', name: 'Games' },
          { to: '/games/cup', name: 'Cup' },
          { to: '/games/texts', name: 'Messages' },
        ],
      },
      { to: '/raffles', name: 'Raffles' },
    ],
  },
  {
    group: 'On the stream',
    pages: [
      {
        to: '/screen',
        name: 'Screen',
        tabs: [
          { to: '/screen', name: 'Overlays', title: 'Screen' },
          { to: '/screen/alerts', name: 'Alerts' },
          { to: '/screen/library', name: 'Library' },
        ],
      },
    ],
  },
  { group: 'Behind it', pages: [{ to: '/connections', name: 'Connections' }] },
]

interface Head extends Pick<DeskPage, 'tabs' | 'fills'> {
  readonly title: string
}

/** The heading and the tabs of the page at an address; undefined where the page draws its own. */
export function headOf(address: string): Head | undefined {
  const at = address.length > 1 ? address.replace(/\/$/, '') : address
  const all = PAGES.flatMap(({ pages }) => pages).filter(({ ownHead }) => !ownHead)
  const page = all.find(({ to, tabs = [] }) => to === at || tabs.some((tab) => tab.to === at))
  const open = page?.tabs?.find(({ to }) => to === at) ?? page
  return page && open && { ...page, title: open.title ?? open.name }
}

/** Whether a form on the page, or on one below it, holds something unsaved. */
export const isUnsaved = (to: string, unsaved: ReadonlySet<string>): boolean =>
  [...unsaved].some((page) => page === to || (to !== '/' && page.startsWith(`${to}/`)))
