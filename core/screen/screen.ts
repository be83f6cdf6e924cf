import { defineTable, type Handler, ok, refuse, type World } from '../world/index.ts'

/** A page that the streaming program shows. Who knows the secret can open it. */
export interface OverlayRow {
  readonly id: number
  readonly name: string
  readonly secret: string
}

export const overlays = defineTable<OverlayRow>('overlay', 'whole', (row) => row.id)

/** The sounds and pictures that ship with the product, by the names that settings and facts use. */
export const SOUNDS = ['none', 'bell', 'whistle', 'ratchet'] as const
export type Sound = (typeof SOUNDS)[number]
export const PICTURES = ['lamp', 'radio', 'clock', 'whistle', 'sparks', 'postcard', 'guide', 'tag'] as const
export type Picture = (typeof PICTURES)[number]

/** What plays on the overlays: two lines of text, a picture, a sound, for so many seconds. */
export interface Alert {
  readonly title: string
  readonly line: string
  readonly picture: Picture
  readonly sound: Sound
  readonly seconds: number
}

/** Shows an alert on every overlay of the channel. */
export function showAlert(world: World, alert: Alert): void {
  world.fact('screen.alert', 'overlay', { ...alert })
}

/** Plays a sound on every overlay, without a picture. */
export function showSound(world: World, sound: Sound): void {
  if (sound !== 'none') world.fact('screen.sound', 'overlay', { sound })
}

export interface TestAlert {
  readonly kind: 'screen.test'
}

export const testAlert: Handler<TestAlert> = {
  decide(world) {
    showAlert(world, {
      title: 'This is a test',
      line: 'Picture, text and sound as viewers get them',
      picture: 'lamp',
      sound: 'bell',
      seconds: 6,
    })
    return ok({})
  },
}

export interface RenewOverlay {
  readonly kind: 'screen.renew'
  readonly overlay: number
  readonly secret: string
}

/** Gives an overlay a new address; pages opened by the old one stop at once. */
export const renewOverlay: Handler<RenewOverlay> = {
  decide(world, intent) {
    const overlay = world.get(overlays, intent.overlay)
    if (overlay === undefined)
      return refuse('overlay_not_found', 'This overlay is not there any more. Load the page again.')
    world.put(overlays, { ...overlay, secret: intent.secret })
    world.fact('screen.renewed', 'desk', { overlay: overlay.id })
    return ok({ overlay: overlay.id })
  },
}

export interface AddOverlay {
  readonly kind: 'screen.add'
  readonly name: string
  readonly secret: string
}

export const addOverlay: Handler<AddOverlay> = {
  decide(world, intent) {
    const overlay = { id: world.nextId(), name: intent.name, secret: intent.secret }
    world.put(overlays, overlay)
    world.fact('screen.added', 'desk', { overlay: overlay.id })
    return ok({ overlay: overlay.id })
  },
}
