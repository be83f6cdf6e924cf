import { homeSetting, readSetting } from '../settings/index.ts'
import type { World } from '../world/index.ts'
import { TEST } from './testViewer.ts'

/**
 * An account: who issued it, and what it is called there. `issuer` '' (or left out) is the provider that the channel's
 * streamer signs in with. A person may have several.
 */
export interface AccountRef {
  readonly issuer?: string
  readonly account: string
}

/** An account as one text, by which people are looked up. Made by `keyOf` only. */
export type AccountKey = string

/** Issuers of our own: bare nicks of a network that tells no accounts, and accounts that stand for nobody any more. */
export const NICK = 'nick'
export const MERGED = 'merged'
export const FORGOTTEN = 'forgotten'

const BETWEEN = '\n'
const UNFIT = /[\u0000-\u001f\u007f]/
const LONGEST = 255

/** Whether a provider or network may call an account so: no control characters, so that it can never pass for another issuer's. */
export const isAccountName = (text: string): boolean => text.length > 0 && text.length <= LONGEST && !UNFIT.test(text)

/** The key of an account. An issuer's own name never holds what stands between. */
export const keyOf = ({ issuer = '', account }: AccountRef): AccountKey =>
  issuer === '' ? account : `${issuer}${BETWEEN}${account}`

/** The account of a key. */
export function refOf(key: AccountKey): { issuer: string; account: string } {
  const at = key.indexOf(BETWEEN)
  return at < 0 ? { issuer: '', account: key } : { issuer: key.slice(0, at), account: key.slice(at + 1) }
}

/** Issuers of our own. */
export const OWN_ISSUERS: readonly string[] = [NICK, MERGED, FORGOTTEN, TEST]

/** The account by which somebody signs in here, among those that are theirs; undefined: chat alone knows them. */
export const signInAccount = (keys: readonly AccountKey[]): AccountKey | undefined =>
  keys.find((key) => {
    const { issuer } = refOf(key)
    return !issuer.includes(':') && !OWN_ISSUERS.includes(issuer)
  })

/** An account for reading: "rosa", or "rosa (guild)" where another than the first issued it. */
export function accountInWords(key: AccountKey): string {
  const { issuer, account } = refOf(key)
  return issuer === '' ? account : `${account} (${issuer})`
}

/** The columns of a person's row that say which account is theirs. */
export const accountColumns = (ref: AccountRef): Required<AccountRef> & { readonly accountKey: AccountKey } => ({
  issuer: ref.issuer ?? '',
  account: ref.account,
  accountKey: keyOf(ref),
})

/** An account as chat, events and people who type it mean it: one of the chat network's. */
export const chatRef = (world: World, account: string): AccountRef => ({
  issuer: readSetting(world, homeSetting).chatIssuer,
  account,
})
