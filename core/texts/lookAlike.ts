/** Letters of other scripts, and digits, that look like a Latin letter. */
const LIKE: Readonly<Record<string, string>> = {
  ...of('aàа@4α', 'a'),
  ...of('вβ8', 'b'),
  ...of('сϲ', 'c'),
  ...of('ԁ', 'd'),
  ...of('еєε3', 'e'),
  ...of('ɡ9', 'g'),
  ...of('һн', 'h'),
  ...of('іїιı1l|ӏ!', 'i'),
  ...of('ј', 'j'),
  ...of('кκ', 'k'),
  ...of('м', 'm'),
  ...of('пη', 'n'),
  ...of('оοσ0', 'o'),
  ...of('рρ', 'p'),
  ...of('ԛ', 'q'),
  ...of('г', 'r'),
  ...of('ѕ5', 's'),
  ...of('тτ7', 't'),
  ...of('υц', 'u'),
  ...of('νѵ', 'v'),
  ...of('ѡω', 'w'),
  ...of('хχ', 'x'),
  ...of('уүγ', 'y'),
}

function of(letters: string, like: string): Record<string, string> {
  return Object.fromEntries([...letters].map((letter) => [letter, like]))
}

/** What a word looks like to a tired reader: two words with the same look cannot be told apart. */
export const lookAlike = (word: string): string =>
  [...word.normalize('NFKC').toLowerCase()].map((letter) => LIKE[letter] ?? letter).join('')

/** Whether two words differ by one letter: one too many, one missing, one wrong, or two swapped. */
export function oneSlipAway(one: string, other: string): boolean {
  if (one === other || Math.abs(one.length - other.length) > 1) return false
  let from = 0
  while (from < one.length && one[from] === other[from]) from++
  const [restOne, restOther] = [one.slice(from), other.slice(from)]
  if (restOne.slice(1) === restOther.slice(1)) return true
  if (restOne.slice(1) === restOther || restOne === restOther.slice(1)) return true
  return restOne[0] === restOther[1] && restOne[1] === restOther[0] && restOne.slice(2) === restOther.slice(2)
}
