import { PageTabs } from '../../parts/page/PageTabs.tsx'

const PARTS = [
  { to: '/commands', name: 'Commands' },
  { to: '/commands/triggers', name: 'Triggers' },
  { to: '/commands/tallies', name: 'Tallies' },
  { to: '/commands/log', name: 'Activity' },
  { to: '/commands/words', name: 'Built-in commands' },
  { to: '/commands/voice', name: 'Bot' },
]

/** The pages about what chat understands and what happens then. */
export const CommandsFrame = () => <PageTabs label="About commands" parts={PARTS} />
