import { Type } from '@sinclair/typebox'
import { Id, OverlayId, oneOf, orNull, whole } from '../schema.ts'
import { fact } from '../world/index.ts'
import { SoundRef } from './refs.ts'
import { AlertSettings } from './schema.ts'

/** What is told of what overlays show. */
export const screenFacts = {
  'screen.added': fact(['desk'], 'There is one more overlay.', { overlay: OverlayId }),
  'screen.alert': fact(
    ['overlay'],
    'An alert is to be played, its texts filled in. `alert`: which of the list; null: none of it.',
    {
      ...Type.Omit(AlertSettings, ['name']).properties,
      alert: orNull(Id),
    },
  ),
  'screen.changed': fact(['overlay', 'desk'], 'An overlay, or an alert, is set otherwise.', {
    overlay: Type.Optional(OverlayId),
    alert: Type.Optional(Id),
  }),
  'screen.control': fact(['overlay'], 'What plays is skipped, cleared, held or let go on.', {
    what: oneOf(['skip', 'clear', 'pause', 'resume']),
    paused: Type.Boolean(),
  }),
  'screen.renewed': fact(
    ['desk'],
    'An overlay has another address, or is gone: what listened under the old one ends.',
    {
      overlay: OverlayId,
    },
  ),
  'screen.sound': fact(['overlay'], 'A sound is to be played.', {
    sound: SoundRef,
    volume: whole(0, 100),
  }),
}

type Declared = typeof screenFacts
declare module '../world/facts.ts' {
  interface Facts extends Declared {}
}
