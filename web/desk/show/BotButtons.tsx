import { DoorOpen, Volume2, VolumeX } from 'lucide-react'
import type { Voice } from '#core/voice'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { useChange } from '../../parts/useChange.ts'
import { useMay } from '../rights.tsx'

const useVoice = (said?: string) =>
  useChange({
    ask: (patch: Partial<Voice>) => answerOf(api.PUT('/desk/voice', { body: patch })),
    invalidates: ['status', 'commands'],
    ...(said !== undefined && { said }),
  })

const standing = ({ muted, out }: Voice): string => (out ? 'Bot is out' : muted ? 'Bot is muted' : 'Bot speaks')

/** Has the bot speak in chat, or keeps it quiet; one that is out of the room is brought back. */
export function BotVoice({ voice }: { readonly voice: Voice }) {
  const { muted, out = false } = voice
  const turn = useVoice()
  const Icon = out ? DoorOpen : muted ? VolumeX : Volume2
  if (!useMay()('show', 'act')) return <span className="text-muted">{standing(voice)}</span>
  return (
    <Button
      onClick={() => turn.mutate(out ? { out: false } : { muted: !muted })}
      aria-pressed={muted || out}
      title={
        out
          ? 'Bring the bot back into the room'
          : muted
            ? 'Let the bot speak in chat again'
            : 'Mute the bot in chat; everything else keeps working'
      }
    >
      <Icon aria-hidden="true" className="size-4" />
      {standing(voice)}
    </Button>
  )
}

/** Sends the bot out of the room, and brings it back. */
export function BotOut({ voice: { out = false } }: { readonly voice: Voice }) {
  const turn = useVoice(
    out ? 'The bot comes back into the room.' : 'The bot leaves the room. Bring it back here when you want it.',
  )
  if (!useMay()('show', 'act')) return null
  return (
    <Button disabled={turn.isPending} onClick={() => turn.mutate({ out: !out })}>
      {out ? 'Bring the bot back' : 'Send the bot out'}
    </Button>
  )
}
