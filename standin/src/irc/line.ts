/** One IRC line taken apart. */
export interface IrcLine {
  readonly command: string
  readonly params: readonly string[]
}

/** Reads a line as a client sends it: optional tags and prefix are passed over. */
export function parseLine(line: string): IrcLine {
  let rest = line.replace(/^@\S+ +/, '').replace(/^:\S+ +/, '')
  const params: string[] = []
  while (rest !== '') {
    if (rest.startsWith(':')) {
      params.push(rest.slice(1))
      break
    }
    const at = rest.indexOf(' ')
    params.push(at < 0 ? rest : rest.slice(0, at))
    rest = at < 0 ? '' : rest.slice(at).trimStart()
  }
  return { command: (params.shift() ?? '').toUpperCase(), params }
}

const escapeTag = (value: string) =>
  value.replace(/[;\s\\]/g, (c) => ({ ';': '\\:', ' ': '\\s', '\\': '\\\\' })[c] ?? '')

/** The tags in front of a line, or nothing if there are none. */
export function tagsOf(tags: Readonly<Record<string, string | undefined>>): string {
  const list = Object.entries(tags).filter((entry): entry is [string, string] => entry[1] !== undefined)
  return list.length === 0 ? '' : `@${list.map(([name, value]) => `${name}=${escapeTag(value)}`).join(';')} `
}
