import { Type } from '@sinclair/typebox'
import { fact } from '../world/index.ts'

/** What is told of the team. */
export const teamFacts = {
  'team.changed': fact(
    ['desk'],
    'Somebody joined the team or left it, or may do something else; or an invitation changed.',
    {
      /** Whose rights changed; null: nobody's. */
      account: Type.Union([Type.String(), Type.Null()]),
    },
  ),
}

type Declared = typeof teamFacts
declare module '../world/facts.ts' {
  interface Facts extends Declared {}
}
