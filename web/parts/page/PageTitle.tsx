import { clsx } from 'clsx'
import { useEffect } from 'react'
import { type Tab, tabTitle } from '../tabTitle.ts'

let tab: Tab = { waiting: 0, page: '', site: 'Ricompensa' }

function change(part: Partial<Tab>): void {
  tab = { ...tab, ...part }
  document.title = tabTitle(tab)
}

/** Names the tab after a page for as long as it is there. */
export function usePageTitle(page: string): void {
  useEffect(() => {
    change({ page })
    return () => change({ page: '' })
  }, [page])
}

/** How many things wait to be done, and whose pages these are; what is left out stays. */
export function useTab({ waiting, site }: { waiting?: number; site?: string | undefined }): void {
  useEffect(() => {
    change({ ...(waiting !== undefined && { waiting }), ...(site !== undefined && { site }) })
  }, [waiting, site])
}

/** The heading of a page, after which the tab is named, too. */
export function PageTitle({ children, className }: { children: string; className?: string }) {
  usePageTitle(children)
  return <h1 className={clsx('text-title leading-tight', className)}>{children}</h1>
}
