import { type SyntheticEvent, useEffect, useRef, useState } from 'react'
import ReactCrop, { type PercentCrop } from 'react-image-crop'
import { useChange } from '../../parts/useChange.ts'
import 'react-image-crop/dist/ReactCrop.css'
import { Button } from '../../parts/Button.tsx'
import { DialogForm } from '../../parts/dialog/DialogForm.tsx'
import { Wrong } from '../../parts/feedback/Wrong.tsx'
import { Field, TextInput } from '../../parts/form/inputs.tsx'
import { type Crop, putIntoLibrary, sizeText, tooLarge } from './library.ts'

interface UploadDialogProps {
  /** The largest file that is taken (bytes). */
  readonly most: number
  /** What can be chosen, as the browser's file dialog has it. */
  readonly accept: string
  readonly close: () => void
  /** Told the file's name in the library. */
  readonly done: (file: string) => void
}

export const ACCEPT = {
  picture: 'image/png,image/jpeg,image/webp,image/gif',
  sound: 'audio/mpeg,audio/ogg,audio/wav,.mp3,.ogg,.wav',
  video: 'video/mp4,video/webm',
} as const

interface NameFieldProps {
  readonly file: File
  readonly name: string
  readonly setName: (name: string) => void
}

const NameField = ({ file, name, setName }: NameFieldProps) => (
  <Field label="Name in the library" hint={`${sizeText(file.size)}, named ${file.name}`}>
    <TextInput value={name} most={80} onValue={setName} />
  </Field>
)

/** Puts a file into the library: looked at first, a picture cut to what is wanted, a still taken from a video. */
export function UploadDialog({ most, accept, close, done }: UploadDialogProps) {
  const [file, setFile] = useState<File>()
  const [name, setName] = useState('')
  const [crop, setCrop] = useState<PercentCrop>()
  const [seconds, setSeconds] = useState<number>()
  const [part, setPart] = useState(0)
  const send = useSend({ file, name, crop, setPart, done })
  const choose = (chosen: File | undefined) => {
    if (chosen === undefined) return
    setFile(chosen)
    setName(chosen.name.replace(/\.[^.]+$/, '').slice(0, 80))
    setCrop(undefined)
    setSeconds(undefined)
    send.reset()
  }
  const large = file && tooLarge(file.size, most, seconds)
  const off = file === undefined || large !== undefined || name.trim() === ''
  return (
    <DialogForm
      title="Add a file"
      close={close}
      wide
      leave="Cancel"
      does={send.isPending ? 'Sending …' : 'Add to the library'}
      go={() => send.mutate(undefined)}
      off={off}
      change={send}
    >
      <FileBox accept={accept} most={most} choose={choose} />
      {file && (
        <>
          <Preview {...{ file, crop, setCrop }} played={setSeconds} still={send.mutate} busy={send.isPending} />
          <NameField file={file} name={name} setName={setName} />
        </>
      )}
      <Wrong>{large}</Wrong>
      {send.isPending && <progress aria-label="Sent" value={part} className="w-full accent-brass" />}
    </DialogForm>
  )
}

interface Sending extends Pick<UploadDialogProps, 'done'> {
  readonly file: File | undefined
  readonly name: string
  readonly crop: PercentCrop | undefined
  readonly setPart: (part: number) => void
}

/** Sends the file as it was cut, or a still of it, which is kept beside it. */
const useSend = ({ file, name, crop, setPart, done }: Sending) =>
  useChange({
    ask: (still: Blob | undefined) =>
      putIntoLibrary(
        still ?? (file as File),
        still ? `${name}, a still` : name,
        still ? undefined : cropOf(crop),
        setPart,
      ),
    invalidates: ['screen'],
    said: (_, still) =>
      still ? 'The still is in the library. The video is not sent yet.' : `“${name}” is in the library.`,
    onFresh: (kept, still) => {
      if (still === undefined) done(kept)
    },
    inPlace: true,
  })

interface FileBoxProps extends Pick<UploadDialogProps, 'accept' | 'most'> {
  readonly choose: (file: File | undefined) => void
}

function FileBox({ accept, most, choose }: FileBoxProps) {
  return (
    <label
      onDragOver={(event) => event.preventDefault()}
      onDrop={(event) => {
        event.preventDefault()
        choose(event.dataTransfer.files[0])
      }}
      className="flex flex-col gap-2 rounded-md border border-dashed border-line bg-surface px-4 py-3"
    >
      <span>Choose a file, or drop one here. {sizeText(most)} is the most.</span>
      <input
        type="file"
        accept={accept}
        data-autofocus
        onChange={(event) => choose(event.target.files?.[0])}
        className="file:mr-3 file:rounded-md file:border file:border-line file:bg-panel file:px-3 file:py-1 file:text-text"
      />
    </label>
  )
}

/** The part that was drawn, in ten-thousandths; undefined: all of it. */
function cropOf(crop: PercentCrop | undefined): Crop | undefined {
  if (crop === undefined || crop.width < 1 || crop.height < 1) return undefined
  const part = (percent: number) => Math.max(0, Math.min(10_000, Math.round(percent * 100)))
  const [x, y] = [part(crop.x), part(crop.y)]
  return { x, y, w: Math.min(10_000 - x, part(crop.width)), h: Math.min(10_000 - y, part(crop.height)) }
}

interface PreviewProps {
  readonly file: File
  readonly crop: PercentCrop | undefined
  readonly setCrop: (crop: PercentCrop) => void
  readonly played: (seconds: number) => void
  readonly still: (picture: Blob) => void
  readonly busy: boolean
}

function Preview({ file, crop, setCrop, played, still, busy }: PreviewProps) {
  const [address, setAddress] = useState<string>()
  const video = useRef<HTMLVideoElement>(null)
  useEffect(() => {
    const made = URL.createObjectURL(file)
    setAddress(made)
    return () => URL.revokeObjectURL(made)
  }, [file])
  if (address === undefined) return null
  if (file.type.startsWith('image/') && file.type !== 'image/svg+xml')
    return (
      <div className="flex flex-col gap-1">
        <p className="text-muted">Draw over the picture to keep a part of it only.</p>
        <ReactCrop
          {...(crop && { crop })}
          onChange={(_pixels, percent) => setCrop(percent)}
          className="max-h-72 self-start"
        >
          <img src={address} alt="What was chosen" className="max-h-72" />
        </ReactCrop>
      </div>
    )
  const loaded = (event: SyntheticEvent<HTMLMediaElement>) => played(event.currentTarget.duration)
  if (file.type.startsWith('audio/'))
    // biome-ignore lint/a11y/useMediaCaption: a short sound of the streamer's own choice has no words to show
    return <audio controls src={address} onLoadedMetadata={loaded} className="w-full" />
  if (!file.type.startsWith('video/')) return null
  return (
    <div className="flex flex-col items-start gap-2">
      {/* biome-ignore lint/a11y/useMediaCaption: a short clip of the streamer's own choice has no captions to show */}
      <video ref={video} controls src={address} onLoadedMetadata={loaded} className="max-h-64 max-w-full" />
      <Button disabled={busy} onClick={() => void stillOf(video.current).then((picture) => picture && still(picture))}>
        Keep this moment as a still, too
      </Button>
    </div>
  )
}

/** The frame that a video stands at, as a picture. */
async function stillOf(video: HTMLVideoElement | null): Promise<Blob | undefined> {
  if (video === null || video.videoWidth === 0) return undefined
  const canvas = document.createElement('canvas')
  canvas.width = video.videoWidth
  canvas.height = video.videoHeight
  canvas.getContext('2d')?.drawImage(video, 0, 0)
  return (await new Promise<Blob | null>((made) => canvas.toBlob(made, 'image/png'))) ?? undefined
}
