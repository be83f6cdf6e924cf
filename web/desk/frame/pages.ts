import { type Area, may, type Rights } from '#core/team'

/** A page that belongs to another: a tab under its title. */
interface TabPage {
  readonly to: string
  readonly name: string
  /** Who may look there sees it; left out: all of the team do. */
  readonly area?: Area
  /** Its heading, where that is not its name. */
  readonly title?: string
  /** For owners alone. */
  readonly ofOwners?: boolean
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
  {
    group: 'Live',
    pages: [
      { to: '/', name: 'On air', ownHead: true },
      { to: '/buttons', name: 'Buttons', area: 'show' },
    ],
  },
  {
    group: 'The economy',
    pages: [
      { to: '/earning', name: 'Earning', area: 'earning' },
      { to: '/people', name: 'People', area: 'people', fills: true },
      { to: '/ranks', name: 'Ranks', area: 'ranks', title: 'Ranks and circles' },
      {
        to: '/commands',
        name: 'Commands',
        area: 'commands',
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
        area: 'store',
        tabs: [
          { to: '/store', name: 'Rewards', title: 'Store' },
          { to: '/store/orders', name: 'Orders', area: 'waiting' },
          { to: '/store/platform', name: 'Platform points' },
        ],
      },
      {
        to: '/games',
        name: 'Games',
        area: 'games',
        tabs: [
          { to: '/games', name: 'Games' },
          { to: '/games/cup', name: 'Cup' },
          { to: '/games/texts', name: 'Messages' },
        ],
      },
      { to: '/raffles', name: 'Raffles', area: 'raffles' },
      {
        to: '/bets',
        name: 'Bets and goals',
        area: 'bets',
        tabs: [
          { to: '/bets', name: 'Bets' },
          { to: '/goals', name: 'Goals' },
        ],
      },
    ],
  },
  {
    group: 'On the stream',
    pages: [
      {
        to: '/screen',
        name: 'Screen',
        area: 'screen',
        tabs: [
          { to: '/screen', name: 'Overlays', title: 'Screen' },
          { to: '/screen/alerts', name: 'Alerts' },
          { to: '/screen/library', name: 'Library' },
        ],
      },
    ],
  },
  {
    group: 'Behind it',
    pages: [
      {
        to: '/connections',
        name: 'Connections',
        area: 'connections',
        tabs: [
          { to: '/connections', name: 'Chat and events', title: 'Connections' },
          { to: '/connections/rooms', name: 'Rooms' },
          { to: '/connections/webhooks', name: 'Webhooks' },
        ],
      },
      {
        to: '/team',
        name: 'Team',
        area: 'team',
        tabs: [
          { to: '/team', name: 'Members', title: 'Team' },
          { to: '/team/changes', name: 'Change log' },
        ],
      },
      { to: '/channel', name: 'Channel', ofOwners: true },
      { to: '/set-up', name: 'Set up', ofOwners: true },
    ],
  },
]

/** Whoever sits at the desk. */
export interface Sitter {
  readonly rights: Rights
  readonly owner: boolean
}

const isSeen = ({ rights, owner }: Sitter, { area, ofOwners }: TabPage, within?: TabPage): boolean => {
  if (ofOwners && !owner) return false
  const needed = area ?? within?.area
  return needed === undefined || may(rights, needed, 'look')
}

/** A page as somebody sees it: with the tabs they may look at, leading to the first of them; undefined if there is none. */
function seenPage(sitter: Sitter, page: DeskPage): DeskPage | undefined {
  if (page.tabs === undefined) return isSeen(sitter, page) ? page : undefined
  const tabs = page.tabs.filter((tab) => isSeen(sitter, tab, page))
  const [first] = tabs
  return first && { ...page, to: first.to, tabs }
}

/** The pages that somebody sees. */
export const pagesFor = (sitter: Sitter): readonly Group[] =>
  PAGES.map(({ group, pages }) => ({
    group,
    pages: pages.flatMap((page) => seenPage(sitter, page) ?? []),
  })).filter(({ pages }) => pages.length > 0)

/** The area that the page at an address belongs to; undefined: all of the team see it. */
export function areaOf(address: string): Area | undefined {
  const all = PAGES.flatMap(({ pages }) =>
    pages.flatMap((page) => [page, ...(page.tabs ?? []).map((tab) => ({ area: page.area, ...tab }))]),
  )
  const within = all.filter(({ to }) => to !== '/' && (address === to || address.startsWith(`${to}/`)))
  return within.sort((a, b) => b.to.length - a.to.length)[0]?.area
}

interface Head extends Pick<DeskPage, 'tabs' | 'fills'> {
  readonly title: string
}

/** The heading and the tabs of the page at an address; undefined where the page draws its own. */
export function headOf(address: string, groups = PAGES): Head | undefined {
  const at = address.length > 1 ? address.replace(/\/$/, '') : address
  const all = groups.flatMap(({ pages }) => pages).filter(({ ownHead }) => !ownHead)
  const page = all.find(({ to, tabs = [] }) => to === at || tabs.some((tab) => tab.to === at))
  const open = page?.tabs?.find(({ to }) => to === at) ?? page
  return page && open && { ...page, title: open.title ?? open.name }
}

/** Whether a form on the page, or on one below it, holds something unsaved. */
export const isUnsaved = (to: string, unsaved: ReadonlySet<string>): boolean =>
  [...unsaved].some((page) => page === to || (to !== '/' && page.startsWith(`${to}/`)))
