import { READY_SETS, type Rights } from '#core/team'
import { STREAMER } from '../../standin/src/people.ts'
import type { Submit } from './submit.ts'

const BY = { account: STREAMER.account, owner: true }

const rightsOf = (name: string): Rights => {
  const found = READY_SETS.find((one) => one.name === name)
  if (found === undefined) throw new Error(`There is no ready set ${name}.`)
  return found.rights
}

const invite = (submit: Submit, at: number, hash: string, whom: string, rights: Rights) =>
  submit(at, { kind: 'team.invite', by: BY, hash, whom, account: null, rights, until: null })

/** Somebody who helps at the desk from the beginning. */
export async function seedHelper(submit: Submit, at: number): Promise<void> {
  await invite(submit, at, 'demo-rosa', 'Rosa', rightsOf('Runner'))
  const who = { account: 'rosa_dial', name: 'rosa_dial', owner: false }
  const joined = await submit(at, { kind: 'team.join', hash: 'demo-rosa', who })
  if (!joined.ok) throw new Error('The demo’s helper could not join.')
}

/** Somebody who has a link and has not joined yet. */
export const seedInvited = (submit: Submit, at: number) =>
  invite(submit, at, 'demo-otto', 'Otto, for the weekend', rightsOf('Keeper'))
