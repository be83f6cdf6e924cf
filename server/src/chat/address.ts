/** A chat room's address taken apart: `ircs://host:port/#room`. */
export interface ChatAddress {
  readonly host: string
  readonly port: number
  readonly tls: boolean
  readonly room: string
}

/**
 * Reads `irc://` or `ircs://host:port/#room`. The port may be left out (6667, with TLS 6697).
 * @throws With a sentence that says what an address looks like.
 */
export function parseChatAddress(text: string): ChatAddress {
  const match = /^(ircs?):\/\/(\[[0-9a-f:.]+\]|[^/:\s#]+)(?::(\d{1,5}))?\/([#&+!][^\s,\x07]+)$/i.exec(text)
  const port = Number(match?.[3] ?? (match?.[1]?.toLowerCase() === 'ircs' ? 6697 : 6667))
  if (match?.[2] === undefined || match[4] === undefined || port < 1 || port > 65_535) {
    throw new Error(`"${text}" is not the address of a chat room. One looks like ircs://chat.example:6697/#room`)
  }
  return { host: match[2].replace(/^\[|\]$/g, ''), port, tls: match[1]?.toLowerCase() === 'ircs', room: match[4] }
}
