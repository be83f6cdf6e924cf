/** Who stands in examples and previews where nobody of the channel's own is known. */
export const SAMPLE_VIEWERS = ['robin', 'sasha', 'kim', 'noa', 'mika', 'luca', 'charlie', 'toni'] as const

/** One of them, and their rank. */
export const [SAMPLE_VIEWER, SECOND_VIEWER] = SAMPLE_VIEWERS
export const SAMPLE_RANK = 'Regular'
