import { markOf } from '#core/changes'

/** Says with a change what it was changed from: if somebody else saved meanwhile, it is refused and nothing of theirs is lost. */
export const changedFrom = (content: object | undefined) =>
  content === undefined ? {} : { headers: { 'if-match': `"${markOf(content)}"` } }
