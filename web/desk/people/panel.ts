import type { Answer } from '../../parts/api/called.ts'

/** All that the desk knows of one person, the trail left out. */
export type PanelAnswer = Answer<'/desk/viewers/{viewer}'>

export type ShowAttended = Answer<'/desk/viewers/{viewer}'>['shows'][number]
