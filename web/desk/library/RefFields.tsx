import { useQuery } from '@tanstack/react-query'
import { clsx } from 'clsx'
import { Play } from 'lucide-react'
import { useState } from 'react'
import { fileOf, PICTURES, type PictureRef, SOUNDS, type SoundRef, type StillRef } from '#core/screen'
import { Button } from '../../parts/Button.tsx'
import { Select } from '../../parts/form/inputs.tsx'
import { isVideo, mediaAddress, mediaBase, smallAddress } from '../../parts/media.ts'
import { playRef } from '../../parts/sound.ts'
import { useStatus } from '../status.ts'
import { screenQuery, useMedia } from './library.ts'
import { ACCEPT, UploadDialog } from './UploadDialog.tsx'

interface PictureFieldProps<T extends string | null> {
  readonly label: string
  readonly value: T
  readonly onValue: (value: T) => void
  /** Whether videos can be chosen, too. */
  readonly videos?: boolean
  /** Whether none can be chosen. */
  readonly none?: boolean
}

/** One of our drawings or a file of the library, chosen by looking; a file can be added on the spot. */
export function PictureField<T extends string | null>({ label, value, onValue, videos, none }: PictureFieldProps<T>) {
  const base = mediaBase(useStatus().channel.slug)
  const files = useMedia(videos ? ['picture', 'video'] : ['picture'])
  const most = useQuery(screenQuery).data?.room.each ?? 0
  const [adding, setAdding] = useState(false)
  const refs: readonly { ref: string; name: string }[] = [
    ...PICTURES.map((name) => ({ ref: name, name })),
    ...files.map(({ file, name }) => ({ ref: `media/${file}`, name })),
  ]
  const gone = value !== null && fileOf(value) !== undefined && !refs.some(({ ref }) => ref === value)
  return (
    <fieldset className="flex flex-col gap-1.5">
      <legend className="mb-1">{label}</legend>
      <div className="flex max-h-44 flex-wrap gap-1.5 overflow-y-auto">
        {none && (
          <button
            type="button"
            aria-pressed={value === null}
            onClick={() => onValue(null as T)}
            className={clsx(TILE, 'px-2 text-sm', value === null ? 'border-brass' : 'border-line')}
          >
            none
          </button>
        )}
        {refs.map(({ ref, name }) => (
          <button
            key={ref}
            type="button"
            aria-pressed={value === ref}
            aria-label={name}
            title={name}
            onClick={() => onValue(ref as T)}
            className={clsx(TILE, 'w-14', value === ref ? 'border-brass bg-brass-wash' : 'border-line hover:bg-raised')}
          >
            {isVideo(ref) ? (
              <video src={mediaAddress(ref, base)} muted preload="metadata" className="max-h-12 max-w-full" />
            ) : (
              <img src={smallAddress(ref, base)} alt="" className="max-h-12 max-w-full" />
            )}
          </button>
        ))}
        <Button className="h-14" onClick={() => setAdding(true)}>
          Add a file …
        </Button>
      </div>
      {gone && <p className="text-brick-text">The chosen file is no longer in the library.</p>}
      {adding && (
        <UploadDialog
          most={most}
          accept={videos ? `${ACCEPT.picture},${ACCEPT.video}` : ACCEPT.picture}
          close={() => setAdding(false)}
          done={(file) => {
            setAdding(false)
            onValue(`media/${file}` as T)
          }}
        />
      )}
    </fieldset>
  )
}

const TILE = 'flex h-14 items-center justify-center rounded-md border-2 bg-surface p-1'

export type AnyPicture = PictureRef | StillRef

/** One of our sounds or a file of the library, heard by a press. */
export function SoundField({
  sound,
  onSound,
  volume = 80,
}: {
  sound: SoundRef
  onSound: (sound: SoundRef) => void
  volume?: number
}) {
  const base = mediaBase(useStatus().channel.slug)
  const files = useMedia(['sound'])
  const most = useQuery(screenQuery).data?.room.each ?? 0
  const [adding, setAdding] = useState(false)
  const choices = [
    ...SOUNDS.map((value) => ({ value: value as SoundRef, name: value === 'none' ? 'No sound' : `Sound: ${value}` })),
    ...files.map(({ file, name }) => ({ value: `media/${file}` as SoundRef, name: `Sound: ${name}` })),
  ]
  if (!choices.some(({ value }) => value === sound)) choices.push({ value: sound, name: 'a sound that is gone' })
  return (
    <div className="flex flex-wrap items-center gap-2">
      <Select label="Sound" value={sound} choices={choices} onChoose={onSound} className="max-w-52" />
      {sound !== 'none' && (
        <Button onClick={() => void playRef(sound, base, volume / 100)} aria-label="Play it">
          <Play aria-hidden="true" className="size-4" />
        </Button>
      )}
      <Button look="quiet" onClick={() => setAdding(true)}>
        Add a sound …
      </Button>
      {adding && (
        <UploadDialog
          most={most}
          accept={ACCEPT.sound}
          close={() => setAdding(false)}
          done={(file) => {
            setAdding(false)
            onSound(`media/${file}`)
          }}
        />
      )}
    </div>
  )
}
