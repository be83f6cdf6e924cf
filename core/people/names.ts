/** Controls, marks that reverse text, and what takes no room: with them one name could look like another, or like nothing. */
const UNSEEN = /[\p{Cc}\u00ad\u061c\u180e\u200b\u200e\u200f\u202a-\u202e\u2060-\u206f\ufeff\ufff9-\ufffb]/gu
const LONGEST = 60

/** A name as it may be shown: composed, on one line, without anything unseen; `account` where nothing is left of it. */
export function shownName(name: string, account: string): string {
  const plain = name.normalize('NFC').replace(UNSEEN, '').replace(/\s+/gu, ' ').trim()
  return [...plain].slice(0, LONGEST).join('') || account
}
