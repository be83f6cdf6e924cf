import { isAccountName, shownName } from '#core/people'

/** What a provider tells of somebody: the claims of the ID token, and of UserInfo where those are not enough. */
export type Claims = Readonly<Record<string, unknown>>

const NAMES = ['name', 'preferred_username', 'nickname']

/** The account in the claim that the installation goes by; undefined where it is missing or cannot be one. */
export function accountIn(claims: Claims, claim: string): string | undefined {
  const account = claims[claim]
  return typeof account === 'string' && isAccountName(account) ? account : undefined
}

/** How they are shown: by the claim that the installation names, else by the usual ones, else undefined. */
export function nameIn(claims: Claims, claim: string): string | undefined {
  const told = (claim === '' ? NAMES : [claim]).map((one) => claims[one])
  const name = told.find((one) => typeof one === 'string' && shownName(one, '') !== '')
  return typeof name === 'string' ? shownName(name, '') : undefined
}
