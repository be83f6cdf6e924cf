import type { Stakes } from './schema.ts'

// What several games can be set wrongly in.

export const crewFault = (least: number, most: number): string | undefined =>
  most < least ? 'The largest crew is below the smallest. Make it larger.' : undefined

export const stakesFault = ({ stakes: { smallest, largest } }: { readonly stakes: Stakes }) => ({
  stakes:
    largest > 0 && largest < smallest
      ? 'The largest stake is below the smallest. Make it larger, or 0 for none.'
      : undefined,
})
