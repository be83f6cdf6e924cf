/** An exact ratio of whole numbers in lowest terms, the bottom above 0. */
export interface Fraction {
  readonly top: bigint
  readonly bottom: bigint
}

/** A ratio in lowest terms. @param bottom - Above 0. */
export function fraction(top: bigint, bottom: bigint): Fraction {
  const by = largestDivisor(top < 0n ? -top : top, bottom)
  return { top: top / by, bottom: bottom / by }
}

function largestDivisor(a: bigint, b: bigint): bigint {
  return b === 0n ? a : largestDivisor(b, a % b)
}

/** Two ratios times each other. */
export const times = (a: Fraction, b: Fraction): Fraction => fraction(a.top * b.top, a.bottom * b.bottom)

/** A ratio as whole units per `per` of it, rounded to the nearest, halves up: 36/37 per 10,000 is 9,730. */
export function roundedTo(per: number, { top, bottom }: Fraction): number {
  return Number((2n * top * BigInt(per) + bottom) / (2n * bottom))
}

/** "97.3 %". Rounded for reading; what is decided is decided by the ratio itself. */
export const inPercent = (ratio: Fraction): string => `${(roundedTo(1000, ratio) / 10).toFixed(1)} %`
