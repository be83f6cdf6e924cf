import { useQuery } from '@tanstack/react-query'
import { ApiProblem, signOut } from '../parts/api.ts'
import { Button, ButtonLink } from '../parts/Button.tsx'
import { Loading, Problem } from '../parts/feedback/Notice.tsx'
import { desksQuery } from '../parts/installation.ts'
import { Empty, Panel } from '../parts/page/Panel.tsx'
import { SignInPage } from '../parts/SignIn.tsx'
import { FrontFrame } from './FrontFrame.tsx'
import { openingQuery } from './opening.ts'

const signedOut = (fault: Error | null): boolean => fault instanceof ApiProblem && fault.status === 401

/** The channels at whose desk whoever is signed in may be: to choose one. */
export function DesksPage() {
  const found = useQuery(desksQuery)
  if (signedOut(found.error)) return <SignInPage scope="desk">Sign in to your desk</SignInPage>
  return (
    <FrontFrame title="Your desks">
      {found.isPending && <Loading what="your desks" />}
      {found.isError && <Problem error={found.error} retry={() => void found.refetch()} />}
      {found.data && <Desks {...found.data} />}
    </FrontFrame>
  )
}

interface DesksProps {
  readonly desks: readonly { readonly slug: string; readonly name: string }[]
  readonly caller: string
  readonly operator: boolean
}

function Desks({ desks, caller, operator }: DesksProps) {
  const opening = useQuery(openingQuery).data
  const leave = () => void signOut('desk').then(() => window.location.reload())
  return (
    <>
      <Panel title="Choose a channel" aside={`signed in as ${caller}`}>
        {desks.length === 0 ? (
          <Empty>
            You run no channel here, and help in none. Ask for an invitation, or open a channel of your own.
          </Empty>
        ) : (
          <ul>
            {desks.map(({ slug, name }) => (
              <li key={slug} className="border-b border-line last:border-b-0">
                <a href={`/desk/${slug}`} className="block min-h-touch px-4 py-2.5 font-semibold hover:bg-raised">
                  {name}
                </a>
              </li>
            ))}
          </ul>
        )}
      </Panel>
      <div className="flex flex-wrap gap-2">
        {opening?.possible && <ButtonLink to="/claim">Open a channel</ButtonLink>}
        {operator && <ButtonLink to="/operator">Run this installation</ButtonLink>}
        <Button look="quiet" onClick={leave}>
          Sign out
        </Button>
      </div>
    </>
  )
}
