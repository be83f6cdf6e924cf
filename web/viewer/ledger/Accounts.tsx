import { useQuery } from '@tanstack/react-query'
import { durationInWords } from '#core/currency'
import { answerOf, api, channelSlug } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Problem } from '../../parts/feedback/Notice.tsx'
import { keyOf } from '../../parts/queryKey.ts'
import { linkAddress } from '../../parts/SignIn.tsx'
import { useChange } from '../../parts/useChange.ts'

const listed = (all: readonly string[]): string => new Intl.ListFormat('en').format(all)

const inChat = (chat: readonly string[]): string =>
  chat.length === 0
    ? 'No account in chat is linked yet, so what you earn there does not show here.'
    : `In chat: ${listed(chat)}.`

interface WaysProps {
  readonly ways: readonly { readonly id: number; readonly name: string }[]
}

/** Linking another account by signing in with it. */
const Ways = ({ ways }: WaysProps) => (
  <p className="mt-2 flex flex-wrap items-center gap-2">
    Do you have another account? Sign in with it to link the two:
    {ways.map(({ id, name }) => (
      <a
        key={id}
        href={linkAddress(id, channelSlug())}
        className="flex min-h-touch items-center rounded-md border border-line px-4 font-medium hover:bg-raised"
      >
        {name}
      </a>
    ))}
  </p>
)

/** Which accounts are mine, and how to link the one in chat where it is another one. */
export function AccountsPart() {
  const found = useQuery({
    queryKey: keyOf('accounts'),
    queryFn: ({ signal }) => answerOf(api.GET('/me/accounts', { signal })),
  })
  const link = useChange({
    ask: () => answerOf(api.POST('/me/link')),
    invalidates: [],
    inPlace: true,
  })
  if (found.data === undefined || (!found.data.separate && found.data.ways.length === 0)) return null
  const { signedIn, separate, chat, others, ways } = found.data
  return (
    <section aria-labelledby="accounts" className="mb-7">
      <h2 id="accounts" className="mb-1 text-xl">
        My accounts
      </h2>
      <p>
        Signed in as <strong>{signedIn}</strong>. {separate && inChat(chat)}
        {others.length > 0 && ` Linked: ${listed(others.map(({ issuer, account }) => `${account} (${issuer})`))}.`}
      </p>
      {ways.length > 0 && <Ways ways={ways} />}
      {!separate ? null : link.data === undefined ? (
        <Button className="mt-2 min-h-touch" onClick={() => link.mutate()} disabled={link.isPending}>
          {chat.length === 0 ? 'Link my chat account' : 'Link another chat account'}
        </Button>
      ) : (
        <p role="status" className="mt-2 rounded-md border border-line bg-panel p-3">
          Say this in chat, with the account that is yours, within {durationInWords(link.data.seconds)}:{' '}
          <code className="font-semibold select-all">{link.data.say}</code>. Give it to nobody else: whoever says it
          links their chat account to your page.
        </p>
      )}
      {link.isError && <Problem error={link.error} />}
    </section>
  )
}
