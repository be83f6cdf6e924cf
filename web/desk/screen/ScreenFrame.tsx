import { PageTabs } from '../../parts/page/PageTabs.tsx'

const PARTS = [
  { to: '/screen', name: 'Overlays' },
  { to: '/screen/alerts', name: 'Alerts' },
  { to: '/screen/library', name: 'Library' },
]

/** The pages about what the stream shows. */
export const ScreenFrame = () => <PageTabs label="About the screen" parts={PARTS} />
