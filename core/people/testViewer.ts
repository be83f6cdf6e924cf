/** Issuer of the account by which owners try their own viewer page; no way to sign in can bear that word. */
export const TEST = '~test'

/**
 * Whether somebody is the channel's test viewer: they buy as anybody does, with currency that is in no figure, and are
 * ignored in all else.
 */
export const isTestViewer = ({ issuer }: { readonly issuer: string }): boolean => issuer === TEST
