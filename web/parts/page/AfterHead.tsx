import { type ReactNode, startTransition, useEffect, useState } from 'react'

/** What takes its time to draw: what stands above and beside it is seen before that begins. */
export function AfterHead({ children }: { readonly children: ReactNode }) {
  const [drawing, startDrawing] = useState(false)
  useEffect(() => startTransition(() => startDrawing(true)), [])
  return drawing && children
}
