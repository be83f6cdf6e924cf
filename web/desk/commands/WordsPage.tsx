import { useQuery } from '@tanstack/react-query'
import { answerOf, api } from '../../parts/api.ts'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { keyOf } from '../../parts/queryKey.ts'
import { CurrencyForm } from './CurrencyForm.tsx'
import { HandingForm } from './HandingForm.tsx'
import { WordsForm } from './WordsForm.tsx'
import { ZoneForm } from './ZoneForm.tsx'

/** The currency's names, and the words that come with the product. */
export function WordsPage() {
  const words = useQuery({
    queryKey: keyOf('words'),
    queryFn: ({ signal }) => answerOf(api.GET('/desk/words', { signal })),
  })
  return (
    <div className="flex max-w-5xl flex-col gap-4">
      {words.isPending && <Loading what="the words of chat" />}
      {words.isError && <Problem error={words.error} retry={() => void words.refetch()} />}
      {words.data && (
        <>
          <CurrencyForm currency={words.data.currency} words={words.data.words} />
          <WordsForm words={words.data.words} currency={words.data.currency} />
          <div className="grid items-start gap-4 lg:grid-cols-2">
            <HandingForm {...words.data} />
            <ZoneForm zone={words.data.zone} />
          </div>
        </>
      )}
    </div>
  )
}
