import { useQuery } from '@tanstack/react-query'
import { type ReactNode, useState } from 'react'
import { answerOf } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Light } from '../../parts/feedback/Light.tsx'
import { RemoveButton } from '../../parts/form/RemoveButton.tsx'
import { installation } from '../../parts/installation.ts'
import { Panel } from '../../parts/page/Panel.tsx'
import { useChange } from '../../parts/useChange.ts'
import { IssuerDialog } from './IssuerDialog.tsx'
import { type Issuer, issuersQuery } from './view.ts'

/** By whom people may sign in. */
export function Issuers() {
  const found = useQuery(issuersQuery).data
  const [adding, setAdding] = useState(false)
  if (found === undefined) return null
  const { first, issuers, callback } = found
  return (
    <Panel title="Sign-in" aside={issuers.length === 0 ? 'one way' : `${issuers.length + 1} ways; people choose one`}>
      <ul>
        <Way id={0} name={first.name} address={first.issuer} />
        {issuers.map((issuer) => (
          <AddedWay key={issuer.id} issuer={issuer} callback={callback} />
        ))}
      </ul>
      <div className="px-4 py-3">
        <Button onClick={() => setAdding(true)}>Add a way to sign in</Button>
      </div>
      {adding && <IssuerDialog callback={callback} close={() => setAdding(false)} />}
    </Panel>
  )
}

function AddedWay({ issuer, callback }: { readonly issuer: Issuer; readonly callback: string }) {
  const { id, name } = issuer
  const [changing, setChanging] = useState(false)
  return (
    <Way id={id} name={name} address={issuer.issuer}>
      <Button onClick={() => setChanging(true)} aria-label={`Change ${name}`}>
        Change
      </Button>
      <RemoveButton
        send={() => installation.POST('/api/operator/issuers/{id}/remove', { params: { path: { id } } })}
        name={name}
        close={() => {}}
        refreshes="operator"
      />
      {changing && <IssuerDialog issuer={issuer} callback={callback} close={() => setChanging(false)} />}
    </Way>
  )
}

interface WayProps {
  readonly id: number
  readonly name: string
  readonly address: string
  /** What can be done with it besides testing it. */
  readonly children?: ReactNode
}

function Way({ id, name, address, children }: WayProps) {
  const test = useChange({
    ask: () => answerOf(installation.POST('/api/operator/issuers/{id}/test', { params: { path: { id } } })),
    invalidates: [],
  })
  return (
    <li className="flex flex-wrap items-center gap-x-4 gap-y-2 border-b border-line px-4 py-2.5">
      <div className="min-w-0 flex-1 max-sm:basis-full">
        <p className="font-semibold break-words">{name}</p>
        <p className="text-note break-words text-muted">
          {address}
          {id === 0 && ', from the server’s environment'}
        </p>
        <div role="status">{test.data && <Light good={test.data.good}>{test.data.sentence}</Light>}</div>
      </div>
      <Button onClick={() => test.mutate()} disabled={test.isPending} aria-label={`Test ${name}`}>
        Test
      </Button>
      {children}
    </li>
  )
}
