/** Words of a name that say nothing of what it is. */
const EMPTY = new Set(
  'a an the of on in at to for by with and or your my our me you it is be what whats next one some any all this that'.split(
    ' ',
  ),
)
const LONGEST = 12

/**
 * A short word for what has a name, to be typed in chat: the first of its words that says something and is free, else all of
 * them joined. "Choose the next repair" -> "choose", where that is taken "repair". Made of a to z, digits and dashes.
 */
export function shortWord(name: string, taken: ReadonlySet<string>): string {
  const words = name
    .toLowerCase()
    .normalize('NFD')
    .replace(/[\u0300-\u036f]/g, '')
    .split(/[^a-z0-9]+/)
    .filter((word) => word !== '')
  const telling = words.filter((word) => !EMPTY.has(word) && word.length > 2 && word.length <= LONGEST)
  return telling.find((word) => !taken.has(word)) ?? words.join('-').slice(0, 30).replace(/-+$/, '')
}
