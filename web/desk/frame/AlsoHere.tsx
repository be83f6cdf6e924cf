import { useQuery } from '@tanstack/react-query'
import { answerOf, api } from '../../parts/api.ts'
import { useOpenForms } from '../../parts/form/drafts.tsx'
import { keyOf } from '../../parts/queryKey.ts'

/** So often a page says which forms are open on it (ms). */
const AGAIN_MS = 10_000
const MOST_FORMS = 20

/** Of what is new there is no other one. */
const isKept = (form: string): boolean => !/\/(new|copy-.*)$/.test(form)

/** Says while somebody else of the team has the same form open. */
export function AlsoHere() {
  const forms = useOpenForms().filter(isKept).slice(0, MOST_FORMS)
  const found = useQuery({
    queryKey: keyOf('openForms', forms),
    queryFn: ({ signal }) => answerOf(api.POST('/desk/forms', { body: { forms }, signal })),
    enabled: forms.length > 0,
    refetchInterval: AGAIN_MS,
    staleTime: 0,
    gcTime: 0,
  })
  const names = [...new Set(found.data?.others.map(({ name }) => name))]
  if (forms.length === 0 || names.length === 0) return null
  return (
    <p role="status" className="border-b border-line bg-brass-wash px-4 py-1.5 text-brass-text">
      {new Intl.ListFormat('en').format(names)} {names.length === 1 ? 'has' : 'have'} the same form open. What one saves
      the other sees at once; nothing that either types is lost.
    </p>
  )
}
