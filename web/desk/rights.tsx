import type { ReactNode } from 'react'
import { type Area, type Level, may } from '#core/team'
import { AreaRightsProvider } from '../parts/page/areaRights.tsx'
import { useStatus } from './status.ts'

/** Whether whoever sits here may go so far in an area. */
export function useMay(): (area: Area, level: Level) => boolean {
  const { rights } = useStatus()
  return (area, level) => may(rights, area, level)
}

/** Around what belongs to an area: what may not be done there is not offered. */
export function InArea({ area, children }: { readonly area: Area; readonly children: ReactNode }) {
  const mayDo = useMay()
  const rights = { act: mayDo(area, 'act'), change: mayDo(area, 'change') }
  return <AreaRightsProvider value={rights}>{children}</AreaRightsProvider>
}

/** What is seen by who may look there, or go further. */
export function IfMayIn({ area, level = 'look', children }: { area: Area; level?: Level; children: ReactNode }) {
  return useMay()(area, level) && <InArea area={area}>{children}</InArea>
}
