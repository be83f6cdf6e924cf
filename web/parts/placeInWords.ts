/** A place in settings as it is read: "limits.eachSeconds" -> "Limits, each seconds"; a line of a list counts from one. */
export function placeInWords(at: string): string {
  const inWords = (part: string) =>
    /^\d+$/.test(part) ? String(Number(part) + 1) : part.replace(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`)
  const words = at.split('.').map(inWords).join(', ')
  return `${words.charAt(0).toUpperCase()}${words.slice(1)}`
}
