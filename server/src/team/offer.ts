import { checkOffer } from '#core/team'
import type { ChannelHead } from '../channels.ts'
import type { Reader } from '../database/index.ts'
import { answered } from '../http/index.ts'
import { invitationBy } from './read.ts'

/** What an invitation offers. @throws why it cannot be used any more. */
export async function offerOf(db: Reader, { id, slug, name }: ChannelHead, hash: string, now: number) {
  const { by, rights, until } = answered(checkOffer(await invitationBy(db, id, hash), null, now))
  return { channel: { slug, name }, by, rights, until }
}
