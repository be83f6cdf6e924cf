import { useState } from 'react'
import { digits } from '#core/currency'
import type { readImport } from '#core/people'
import type { Answer } from '../../parts/api/called.ts'
import { ApiProblem, answerOf, api } from '../../parts/api.ts'
import { useChange } from '../../parts/useChange.ts'
import { type Part, partsOf } from './importFile.ts'

type Taken = Answer<'/desk/people/import'>

const WAIT_MS = 3000

/** Hands in a part; told to wait, it waits and goes on, so that a long file is not left half taken in. */
async function takeIn(part: Part): Promise<Taken> {
  for (;;) {
    try {
      return await answerOf(api.POST('/desk/people/import', { body: part }))
    } catch (fault) {
      if (!(fault instanceof ApiProblem) || fault.status !== 429) throw fault
      await new Promise((later) => setTimeout(later, WAIT_MS))
    }
  }
}

/** The lines of a file that are in order. */
export type Lines = ReturnType<typeof readImport>['lines']

/** Hands a file in, part by part; what has been taken in is told as it goes. */
export function useImport(called: string, close: () => void) {
  const [progress, setProgress] = useState<number>()
  const run = useChange({
    ask: async ({ lines, how }: { lines: Lines; how: 'add' | 'set' }) => {
      let [added, changed, again] = [0, 0, 0]
      for (const part of await partsOf(lines, how, called.slice(0, 100))) {
        const done = await takeIn(part)
        added += done.added
        changed += done.changed
        if (done.again) again += part.lines.length
        setProgress((before) => (before ?? 0) + part.lines.length)
      }
      return { added, changed, again }
    },
    invalidates: ['people', 'corrections'],
    said: ({ added, changed, again }) => {
      const known = again > 0 ? ` ${digits(again)} had been imported before and were left unchanged.` : ''
      return `${digits(changed)} people have the file’s figures, ${digits(added)} of them new.${known} You can undo it for a day, above the list.`
    },
    onDone: () => {
      close()
    },
    inPlace: true,
  })
  return { run, progress }
}
