import { useQuery } from '@tanstack/react-query'
import { Music } from 'lucide-react'
import { useState } from 'react'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { INPUT } from '../../parts/form/inputs.tsx'
import { RemoveButton } from '../../parts/form/RemoveButton.tsx'
import { mediaAddress, mediaBase, smallAddress } from '../../parts/media.ts'
import { PageActions } from '../../parts/page/PageHead.tsx'
import { Empty } from '../../parts/page/Panel.tsx'
import { useChange } from '../../parts/useChange.ts'
import { useStatus } from '../status.ts'
import { type MediaFile, screenQuery, sizeText } from './library.ts'
import { ACCEPT, UploadDialog } from './UploadDialog.tsx'

/** The files for the store and the stream: what each is, where it is used, and what room is left. */
export function LibraryPage() {
  const screen = useQuery(screenQuery)
  const [adding, setAdding] = useState(false)
  const { data } = screen
  const add = (
    <Button needs="change" look="main" onClick={() => setAdding(true)}>
      Add a file
    </Button>
  )
  return (
    <div className="flex flex-col gap-4">
      <PageActions note={data && `${sizeText(data.room.used)} of ${sizeText(data.room.most)} used`}>
        {data && data.media.length > 0 && add}
      </PageActions>
      <p className="text-muted">
        Pictures (PNG, JPEG, WebP, GIF), sounds (MP3, OGG, WAV) and short videos (MP4, WebM) for rewards and alerts. The
        same file is kept once.
      </p>
      {screen.isPending && <Loading what="the library" />}
      {screen.isError && <Problem error={screen.error} retry={() => void screen.refetch()} />}
      {data && data.media.length === 0 && (
        <Empty action={add}>No files of your own yet. The built-in pictures and sounds work without any.</Empty>
      )}
      {data && data.media.length > 0 && <Files files={data.media} />}
      {adding && data && (
        <UploadDialog
          most={data.room.each}
          accept={Object.values(ACCEPT).join(',')}
          close={() => setAdding(false)}
          done={() => setAdding(false)}
        />
      )}
    </div>
  )
}

function FileShown({ file }: { file: MediaFile }) {
  const base = mediaBase(useStatus().channel.slug)
  const ref = `media/${file.file}`
  switch (file.kind) {
    case 'picture':
      return <img src={smallAddress(ref, base)} alt="" className="max-h-full max-w-full" />
    case 'video':
      return (
        // biome-ignore lint/a11y/useMediaCaption: a short clip of the streamer's own choice has no captions to show
        <video src={mediaAddress(ref, base)} controls preload="metadata" className="max-h-full max-w-full" />
      )
    default:
      return (
        <div className="flex w-full flex-col items-center gap-2">
          <Music aria-hidden="true" className="size-8 text-muted" />
          {/* biome-ignore lint/a11y/useMediaCaption: a short sound of the streamer's own choice has no words to show */}
          <audio src={mediaAddress(ref, base)} controls preload="none" className="w-full" />
        </div>
      )
  }
}

const Files = ({ files }: { readonly files: readonly MediaFile[] }) => (
  <ul className="grid cols-tiles gap-3">
    {files.map((file) => (
      <FileCard key={file.file} file={file} />
    ))}
  </ul>
)

function FileCard({ file }: { file: MediaFile }) {
  const told = [
    file.file.split('.').at(-1)?.toUpperCase(),
    file.width === null ? undefined : `${file.width} × ${file.height}`,
    file.ms === null ? undefined : `${(file.ms / 1000).toFixed(1)} s`,
    sizeText(file.bytes),
  ]
  return (
    <li className="flex flex-col rounded-md border border-line bg-panel">
      <div className="flex h-32 items-center justify-center rounded-t-md bg-surface p-2">
        <FileShown file={file} />
      </div>
      <div className="flex flex-1 flex-col gap-1 p-3">
        <NameField file={file} />
        <p className="text-sm text-muted">{told.filter(Boolean).join(' · ')}</p>
        <p className="text-sm text-muted">{file.uses.length === 0 ? 'Not used' : `Used by ${file.uses.join(', ')}`}</p>
        <span className="mt-auto">
          {file.uses.length === 0 && (
            <RemoveButton
              send={() => api.POST('/desk/media/{file}/remove', { params: { path: { file: file.file } } })}
              name={`“${file.name}”`}
              close={() => {}}
              refreshes="screen"
            />
          )}
        </span>
      </div>
    </li>
  )
}

/** The name, changed where it stands: kept when the field is left. */
function NameField({ file }: { file: MediaFile }) {
  const [name, setName] = useState(file.name)
  const rename = useChange({
    ask: () =>
      answerOf(api.PUT('/desk/media/{file}', { params: { path: { file: file.file } }, body: { name: name.trim() } })),
    invalidates: ['screen'],
  })
  const keep = () => {
    if (name.trim() === '') setName(file.name)
    else if (name.trim() !== file.name) rename.mutate()
  }
  return (
    <input
      aria-label={`Name of ${file.name}`}
      value={name}
      maxLength={80}
      onChange={(event) => setName(event.target.value)}
      onBlur={keep}
      className={`font-semibold ${INPUT}`}
    />
  )
}
