/** The pages of the desk, in the order of the work. */
export const PAGES = [
  { group: 'Live', pages: [{ to: '/', name: 'On air' }] },
  {
    group: 'The economy',
    pages: [
      { to: '/earning', name: 'Earning' },
      { to: '/people', name: 'People' },
      { to: '/ranks', name: 'Ranks' },
      { to: '/commands', name: 'Commands' },
      { to: '/store', name: 'Store' },
      { to: '/games', name: 'Games' },
      { to: '/raffles', name: 'Raffles' },
    ],
  },
  { group: 'On the stream', pages: [{ to: '/screen', name: 'Screen' }] },
  { group: 'Behind it', pages: [{ to: '/connections', name: 'Connections' }] },
] as const

/** Whether a form on the page, or on one below it, holds something unsaved. */
export const isUnsaved = (to: string, unsaved: ReadonlySet<string>): boolean =>
  [...unsaved].some((page) => page === to || (to !== '/' && page.startsWith(`${to}/`)))
