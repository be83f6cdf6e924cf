import type { ComponentProps } from 'react'
import { FONTS, type Look } from '#core/screen'
import { Button } from '../../parts/Button.tsx'
import { Checkbox, NumberInput, Select, Slider } from '../../parts/form/inputs.tsx'

const FONT_NAMES = { display: 'Headline font', text: 'Text font', typewriter: 'Typewriter font' } as const

const Pixels = (props: ComponentProps<typeof NumberInput>) => (
  <p className="flex items-center gap-2">
    <NumberInput {...props} className="w-16" />
    pixels
  </p>
)

/** How a piece looks: letters, colours, ground. */
export function LookFields({ look, setLook, size }: { look: Look; setLook: (look: Look) => void; size: boolean }) {
  const put = (patch: Partial<Look>) => setLook({ ...look, ...patch })
  return (
    <fieldset className="flex flex-col gap-2">
      <legend className="mb-1 font-semibold">Look</legend>
      <Select
        label="Font"
        value={look.font}
        choices={FONTS.map((value) => ({ value, name: FONT_NAMES[value] }))}
        onChoose={(font) => put({ font })}
      />
      {size && <Pixels label="Text size" value={look.size} most={400} none="fits" onValue={(n) => put({ size: n })} />}
      <ColourField label="Text colour" value={look.colour} initial="#f4eee1" onColour={(colour) => put({ colour })} />
      <GroundFields look={look} put={put} />
      <Pixels label="Corner radius" value={look.corner} most={200} onValue={(corner) => put({ corner })} />
      <Checkbox on={look.shadow} onTick={(shadow) => put({ shadow })}>
        Shadow
      </Checkbox>
    </fieldset>
  )
}

function GroundFields({ look, put }: { look: Look; put: (patch: Partial<Look>) => void }) {
  return (
    <>
      <ColourField
        label="Background"
        value={look.ground === 'none' ? '' : look.ground}
        initial="#14171c"
        onColour={(ground) => put({ ground })}
      />
      <Checkbox on={look.ground === 'none'} onTick={(none) => put({ ground: none ? 'none' : '' })}>
        No background
      </Checkbox>
      {look.ground !== 'none' && <Slider label="Opacity" value={look.cover} onValue={(cover) => put({ cover })} />}
    </>
  )
}

interface ColourFieldProps {
  readonly label: string
  /** Empty: the theme's. */
  readonly value: string
  readonly initial: string
  readonly onColour: (colour: string) => void
}

function ColourField({ label, value, initial, onColour }: ColourFieldProps) {
  return (
    <span className="flex items-center gap-2">
      <label className="flex items-center gap-2">
        <input
          type="color"
          value={value === '' ? initial : value}
          onChange={(event) => onColour(event.target.value.toLowerCase())}
          className="h-7 w-10 cursor-pointer rounded border border-line bg-surface"
        />
        {label}
      </label>
      {value !== '' && (
        <Button look="quiet" className="px-1! py-0! text-sm" onClick={() => onColour('')}>
          as the theme
        </Button>
      )}
    </span>
  )
}
