import { useMutation, useQuery } from '@tanstack/react-query'
import type { Audience } from '#core/starter'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Problem } from '../../parts/feedback/Notice.tsx'
import { keyOf } from '../../parts/queryKey.ts'
import { saveFile } from '../../parts/saveFile.ts'
import { useChange } from '../../parts/useChange.ts'
import { useCopy } from '../../parts/useCopy.ts'
import { useStatus } from '../status.ts'
import { panelPicture } from './panelPicture.ts'
import { offerQuery } from './view.ts'

/** The address as a picture, made in this browser. */
const pictureQuery = (page: string) => ({
  queryKey: keyOf('starter', page),
  queryFn: async () => {
    const qr = await import('qrcode')
    return {
      svg: await qr.toString(page, { type: 'svg', margin: 2 }),
      png: await qr.toDataURL(page, { width: 720, margin: 2 }),
    }
  },
  staleTime: Number.POSITIVE_INFINITY,
})

/** What viewers are told: the address, as a picture for the stream, and as words for the channel's description. */
export function Tell({ page, usual }: { readonly page: string; readonly usual: Audience }) {
  const { channel, currency } = useStatus()
  const plain = `Watching ${channel.name} earns ${currency.many}. See what you have, buy and play: ${page}`
  const marked = `Watching **${channel.name}** earns *${currency.many}*. [See what you have, buy and play](${page})`
  return (
    <div className="mt-3 flex flex-wrap items-start gap-5 border-t border-line pt-3">
      <div className="flex min-w-0 flex-1 basis-72 flex-col gap-2">
        <Line text={page} name="Address of the viewer page" />
        <Line text={plain} name="For a description, plain" />
        <Line text={marked} name="For a description, Markdown" />
        <InChat usual={usual} />
      </div>
      <Pictures page={page} />
    </div>
  )
}

const WORDS = ['command/page', 'trigger/address']

/** The word and the timer that say the address in chat: of the starter, and alone where they are missing. */
function InChat({ usual }: { readonly usual: Audience }) {
  const offer = useQuery(offerQuery(usual))
  const take = useChange({
    ask: (keys: string[]) => answerOf(api.POST('/desk/starter', { body: { audience: usual, take: keys } })),
    invalidates: ['starter', 'commands'],
    inPlace: true,
  })
  const refused = take.data?.refused ?? []
  const missing = (offer.data?.pieces ?? []).filter(({ key, there }) => WORDS.includes(key) && !there)
  if (offer.data === undefined) return null
  return (
    <div>
      <span className="block text-note text-muted">In chat</span>
      {missing.length === 0 ? (
        <p>
          <span className="font-semibold">!page</span> answers with the address, and it is said every 30 minutes on air.
        </p>
      ) : (
        <p className="flex items-start gap-2">
          <span className="flex-1">{missing.map(({ name, says }) => `${name}: ${says}`).join('. ')}.</span>
          <Button disabled={take.isPending} onClick={() => take.mutate(missing.map(({ key }) => key))}>
            Set up
          </Button>
        </p>
      )}
      {take.error && <Problem error={take.error} />}
      {refused.map(({ name, why }) => (
        <p key={name} className="text-brick-text">
          {name}: {why}
        </p>
      ))}
    </div>
  )
}

function Line({ text, name }: { readonly text: string; readonly name: string }) {
  const copy = useCopy()
  return (
    <p className="flex items-start gap-2">
      <span className="min-w-0 flex-1">
        <span className="block text-note text-muted">{name}</span>
        <span className="break-words select-all">{text}</span>
      </span>
      <Button aria-label={`Copy: ${name}`} onClick={() => copy(text, 'Copied.', 'Select it and copy it yourself.')}>
        Copy
      </Button>
    </p>
  )
}

function Pictures({ page }: { readonly page: string }) {
  const { channel, currency } = useStatus()
  const { slug } = channel
  const panel = useMutation({
    mutationFn: async () => {
      const says = `Watching earns you ${currency.many}. See what you have, buy and play on my page:`
      saveFile(`${slug} panel.png`, await panelPicture({ channel: channel.name, says, page }))
    },
  })
  const picture = useQuery(pictureQuery(page)).data
  if (picture === undefined) return null
  const svg = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(picture.svg)}`
  const LINK = 'underline underline-offset-2'
  return (
    <figure className="flex flex-col items-center gap-1">
      <img src={svg} alt={`QR code of ${page}`} className="size-36 rounded-md bg-white" />
      <figcaption className="flex gap-3 text-note">
        <a className={LINK} download={`${slug}.png`} href={picture.png}>
          Save as PNG
        </a>
        <a className={LINK} download={`${slug}.svg`} href={svg}>
          as SVG
        </a>
      </figcaption>
      <Button disabled={panel.isPending} onClick={() => panel.mutate()}>
        Save a picture for the description
      </Button>
      {panel.error && <Problem error={panel.error} />}
    </figure>
  )
}
