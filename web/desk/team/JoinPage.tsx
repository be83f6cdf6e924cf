import { useMutation, useQuery } from '@tanstack/react-query'
import { AREA_NAMES, AREAS, type Level, levelInWords, type Rights, readySetOf } from '#core/team'
import { ApiProblem, answerOf, api, channelSlug } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { Mark } from '../../parts/Mark.tsx'
import { signInAddress } from '../../parts/SignIn.tsx'
import { dayText } from '../../parts/time.ts'

const KEPT_AS = 'ricompensa/join'

/** The link's secret: behind the #, which no server is told; signing in leaves the page, and it must still be there on return. */
function secretInLink(): string {
  const secret = window.location.hash.slice(1)
  if (secret !== '') sessionStorage.setItem(KEPT_AS, secret)
  return secret || (sessionStorage.getItem(KEPT_AS) ?? '')
}

/** What an invitation offers, and joining by it. */
export function JoinPage() {
  const secret = secretInLink()
  const offer = useQuery({
    queryKey: ['join', secret],
    queryFn: () => answerOf(api.POST('/join/look', { body: { secret } })),
    retry: false,
    staleTime: Number.POSITIVE_INFINITY,
  })
  return (
    <main className="mx-auto flex min-h-dvh max-w-lg flex-col items-start justify-center gap-5 p-6">
      <Mark />
      <h1 className="text-2xl">Help at the desk</h1>
      {secret === '' && <p>This link is not whole: the part behind the # is missing. Ask for it once more.</p>}
      {secret !== '' && offer.isPending && <Loading what="the invitation" />}
      {secret !== '' && offer.error && <Problem error={offer.error} />}
      {offer.data && (
        <>
          <p>
            {offer.data.by} invites you into the team of <strong>{offer.data.channel.name}</strong>
            {offer.data.until !== null && `, until ${dayText(offer.data.until - 1)}`}.
          </p>
          <Offered rights={offer.data.rights} />
          <JoinButton secret={secret} />
        </>
      )}
    </main>
  )
}

/** What one could do then. */
function Offered({ rights }: { readonly rights: Rights }) {
  const ready = readySetOf(rights)
  const names = (level: Level) =>
    AREAS.filter((area) => rights.areas[area] === level).map((area) => AREA_NAMES[area].name)
  return (
    <section aria-label="Your rights" className="w-full rounded-md border border-line bg-panel px-4 py-3">
      <h2 className="text-base">{ready === undefined ? 'As a helper you' : `As a ${ready.name} you`}</h2>
      <ul className="mt-1 flex flex-col gap-1">
        {(['change', 'act', 'look'] as const)
          .filter((level) => names(level).length > 0)
          .map((level) => (
            <li key={level}>
              <span className="text-muted">{levelInWords(level)}:</span> {names(level).join(', ')}
            </li>
          ))}
      </ul>
    </section>
  )
}

function JoinButton({ secret }: { readonly secret: string }) {
  const join = useMutation({
    mutationFn: () => answerOf(api.POST('/join', { body: { secret } })),
    onSuccess: () => {
      sessionStorage.removeItem(KEPT_AS)
      window.location.assign(`/desk/${channelSlug()}`)
    },
  })
  const signIn = join.error instanceof ApiProblem && join.error.status === 401
  return (
    <div className="flex flex-col items-start gap-3">
      {join.error && !signIn && <Problem error={join.error} />}
      {signIn ? (
        <>
          <p>Sign in with the account that you chat with; you come back here.</p>
          <a
            href={signInAddress('desk')}
            className="rounded-md bg-brass px-4 py-2.5 font-semibold text-on-brass hover:bg-brass-hover"
          >
            Sign in
          </a>
        </>
      ) : (
        <Button look="main" disabled={join.isPending} onClick={() => join.mutate()}>
          Join the team
        </Button>
      )}
    </div>
  )
}
