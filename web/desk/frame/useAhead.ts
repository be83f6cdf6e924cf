import { useQueryClient } from '@tanstack/react-query'

/** For a link of the navigation: what it opens is fetched as soon as somebody points at it or comes to it by keyboard. */
export function useAhead(): (page: string) => { onPointerEnter: () => void; onFocus: () => void } {
  const client = useQueryClient()
  return (page) => {
    const fetch = () => void import('./ahead.ts').then(({ fetchAhead }) => fetchAhead(client, page)).catch(() => {})
    return { onPointerEnter: fetch, onFocus: fetch }
  }
}
