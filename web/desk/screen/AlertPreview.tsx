import { useEffect, useRef } from 'react'
import { type AlertSettings, sampleFields } from '#core/screen'
import { render } from '#core/texts'
import { mediaBase } from '../../parts/media.ts'
import { drawAlert } from '../../parts/screen/drawAlert.ts'
import '../../parts/screen/pieces.css'
import { useSampleNames } from '../people/sampleNames.ts'
import { useStatus } from '../status.ts'

const BOX = { width: 1240, height: 380 }
const SCALE = 0.48

/** An alert as it would stand in a box of the usual size. @param reward - Of which reward; left out: of any. */
export function AlertPreview({ draft, reward }: { draft: AlertSettings; reward?: string }) {
  const { channel, currency } = useStatus()
  const [name] = useSampleNames()
  const base = mediaBase(channel.slug)
  const box = useRef<HTMLDivElement>(null)
  useEffect(() => {
    const stage = box.current
    if (stage === null) return
    const reads = (text: string) => {
      const filled = render(text, sampleFields(currency, reward, name))
      return filled.ok ? filled.text : text
    }
    const shown = drawAlert(
      stage,
      { ...draft, title: reads(draft.title), line: reads(draft.line), enter: 'none', volume: 0, alert: null },
      base,
    )
    return () => shown.remove()
  }, [draft, base, currency, reward, name])
  return (
    <div
      aria-hidden="true"
      className="mb-4 overflow-hidden rounded-md bg-picture"
      style={{ height: BOX.height * SCALE }}
    >
      <div ref={box} className="stage" style={{ ...BOX, transform: `scale(${SCALE})` }} />
    </div>
  )
}
