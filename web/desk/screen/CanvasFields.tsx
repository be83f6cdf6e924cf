import type { OverlaySettings } from '#core/screen'
import { Field, NumberInput, Select, TextInput } from '../../parts/form/inputs.tsx'
import { PictureField } from '../library/RefFields.tsx'

const SIZES = [
  { value: '1920x1080', name: '1920 × 1080' },
  { value: '1280x720', name: '1280 × 720' },
  { value: '2560x1440', name: '2560 × 1440' },
  { value: '1080x1920', name: '1080 × 1920, upright' },
] as const

interface CanvasFieldsProps {
  readonly draft: OverlaySettings
  readonly put: (patch: Partial<OverlaySettings>) => void
}

/** The overlay itself: its name, its size, and a picture to place pieces against. */
export function CanvasFields({ draft, put }: CanvasFieldsProps) {
  return (
    <section aria-label="The overlay" className="flex flex-col gap-3">
      <h2 className="text-base">The overlay</h2>
      <Field label="Name" error={draft.name.trim() === '' ? 'Type a name for the overlay.' : undefined}>
        <TextInput value={draft.name} most={60} onValue={(name) => put({ name })} />
      </Field>
      <SizeFields draft={draft} put={put} />
      <PictureField
        label="A backdrop to arrange on (never shown on the stream)"
        value={draft.background}
        onValue={(background) => put({ background })}
        none
      />
      <p className="text-sm text-muted">
        Choose a piece to change it. Keys: arrows move it, with Shift by ten, with Alt they change its size, Delete
        removes it, Ctrl Z undoes.
      </p>
    </section>
  )
}

function SizeFields({ draft, put }: CanvasFieldsProps) {
  const size = `${draft.width}x${draft.height}`
  const known = SIZES.some(({ value }) => value === size)
  const choose = (next: string) => {
    const [width, height] = next.split('x').map(Number)
    if (width && height) put({ width, height })
  }
  return (
    <div className="flex flex-wrap items-center gap-2">
      <Select
        label="Size"
        value={known ? size : ''}
        choices={[...SIZES, { value: '', name: 'another size' }]}
        onChoose={choose}
      />
      <NumberInput
        label="Width"
        value={draft.width}
        most={8000}
        className="w-20"
        onValue={(width) => put({ width: Math.max(100, width) })}
      />
      ×
      <NumberInput
        label="Height"
        value={draft.height}
        most={8000}
        className="w-20"
        onValue={(height) => put({ height: Math.max(100, height) })}
      />
    </div>
  )
}
