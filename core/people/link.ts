import type { ViewerId } from '../schema.ts'
import { homeSetting, readSetting, writeSetting } from '../settings/index.ts'
import { type Handler, ok, refuse, type World } from '../world/index.ts'
import type { AccountKey } from './account.ts'
import { rememberAlias } from './keep.ts'
import { findViewer, viewers } from './viewers.ts'

export interface LinkAccount {
  readonly kind: 'people.link'
  /** The account that was proved to be theirs, and that nobody here is known by yet. */
  readonly account: AccountKey
  readonly viewer: ViewerId
}

/** Has an account stand for somebody known, who proved that it is theirs. */
export const linkAccount = {
  decide(world, { account, viewer: id }) {
    const viewer = world.get(viewers, id)
    if (viewer === undefined || viewer.mergedInto !== null)
      return refuse('viewer_not_found', 'This person is no longer known here. Reload the page.')
    const known = findViewer(world, account)
    if (known !== undefined) return refuse('viewer_known', `${known.name} is already known here.`)
    rememberAlias(world, account, id)
    world.put(viewers, { ...viewer, linked: true })
    noteOwner(world, account, id)
    world.fact('people.changed', 'desk', { viewers: 1 })
    world.fact('account.linked', `viewer:${id}`, {})
    return ok({ viewer: id })
  },
} satisfies Handler<LinkAccount>

/** If it is the streamer's account that stands for somebody else now, they are the streamer in chat, too. */
export function noteOwner(world: World, account: AccountKey, viewer: ViewerId): void {
  const home = readSetting(world, homeSetting)
  if (account === home.owner) writeSetting(world, homeSetting, { ...home, viewer })
}
