import { useQuery } from '@tanstack/react-query'
import { clsx } from 'clsx'
import { Play } from 'lucide-react'
import { type ReactNode, useState } from 'react'
import { fileOf, PICTURES, type PictureRef, SOUNDS, type SoundRef, type StillRef } from '#core/screen'
import { Button, type ButtonProps } from '../../parts/Button.tsx'
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
  const files = useMedia(videos ? ['picture', 'video'] : ['picture'])
  const refs: readonly { ref: string; name: string }[] = [
    ...PICTURES.map((name) => ({ ref: name, name })),
    ...files.map(({ file, name }) => ({ ref: `media/${file}`, name })),
  ]
  const gone = value !== null && fileOf(value) !== undefined && !refs.some(({ ref }) => ref === value)
  return (
    <fieldset className="flex flex-col gap-1.5">
      <legend className="mb-1">{label}</legend>
      <div className="flex max-h-52 flex-wrap gap-1.5 overflow-y-auto">
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
          <Tile key={ref} picture={ref} name={name} chosen={value === ref} choose={() => onValue(ref as T)} />
        ))}
        <AddFile
          className="h-14"
          accept={videos ? `${ACCEPT.picture},${ACCEPT.video}` : ACCEPT.picture}
          added={(file) => onValue(`media/${file}` as T)}
        >
          Add a file …
        </AddFile>
      </div>
      {gone && <p className="text-brick-text">The chosen file is no longer in the library.</p>}
    </fieldset>
  )
}

interface TileProps {
  readonly picture: string
  readonly name: string
  readonly chosen: boolean
  readonly choose: () => void
}

function Tile({ picture, name, chosen, choose }: TileProps) {
  const base = mediaBase(useStatus().channel.slug)
  return (
    <button
      type="button"
      aria-pressed={chosen}
      aria-label={name}
      title={name}
      onClick={choose}
      className={clsx(TILE, 'w-14', chosen ? 'border-brass bg-brass-wash' : 'border-line hover:bg-raised')}
    >
      {isVideo(picture) ? (
        <video src={mediaAddress(picture, base)} muted preload="metadata" className="max-h-12 max-w-full" />
      ) : (
        <img src={smallAddress(picture, base)} alt="" className="max-h-12 max-w-full" />
      )}
    </button>
  )
}

interface AddFileProps extends Pick<ButtonProps, 'look' | 'className'> {
  readonly accept: string
  readonly added: (file: string) => void
  readonly children: ReactNode
}

/** Puts a file into the library without leaving what is being filled in. */
function AddFile({ accept, added, ...button }: AddFileProps) {
  const most = useQuery(screenQuery).data?.room.each ?? 0
  const [adding, setAdding] = useState(false)
  const done = (file: string) => {
    setAdding(false)
    added(file)
  }
  return (
    <>
      <Button {...button} onClick={() => setAdding(true)} />
      {adding && <UploadDialog most={most} accept={accept} close={() => setAdding(false)} done={done} />}
    </>
  )
}

const TILE = 'flex h-14 items-center justify-center rounded-md border-2 bg-surface p-1'

export type AnyPicture = PictureRef | StillRef

interface SoundFieldProps {
  readonly sound: SoundRef
  readonly onSound: (sound: SoundRef) => void
  readonly volume?: number
}

/** One of our sounds or a file of the library, heard by a press. */
export function SoundField({ sound, onSound, volume = 80 }: SoundFieldProps) {
  const base = mediaBase(useStatus().channel.slug)
  const files = useMedia(['sound'])
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
      <AddFile look="quiet" accept={ACCEPT.sound} added={(file) => onSound(`media/${file}`)}>
        Add a sound …
      </AddFile>
    </div>
  )
}
