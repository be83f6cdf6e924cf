import { mountFront } from '../parts/mount.tsx'
import { NoSuchPage } from '../parts/page/Broken.tsx'
import { DesksPage } from './DesksPage.tsx'
import { FrontPage } from './FrontPage.tsx'
import { OpenPage } from './OpenPage.tsx'
import { OperatorPage } from './operator/OperatorPage.tsx'

mountFront([
  { path: '/', element: <FrontPage /> },
  { path: '/desk', element: <DesksPage /> },
  { path: '/claim', element: <OpenPage /> },
  { path: '/operator', element: <OperatorPage /> },
  { path: '*', element: <NoSuchPage home="/" /> },
])
