/**
 * Reads a chat line as a command: "!Get whistle now" -> { word: "get", rest: "whistle now" }.
 * @returns undefined for a line that does not begin with "!" and a word.
 */
export function parseWord(text: string): { word: string; rest: string } | undefined {
  const match = /^\s*!([\p{L}\p{N}_-]+)(?:\s+([\s\S]*))?$/u.exec(text)
  if (match?.[1] === undefined) return undefined
  return { word: match[1].toLowerCase(), rest: (match[2] ?? '').trim() }
}
