import type { OverlayId, UnixSeconds } from '../schema.ts'
import { CHANNEL_FIELDS, faultsOf } from '../texts/index.ts'
import { defineTable, type Handler, ok, type Result, refuse, savedCollection, type World } from '../world/index.ts'
import { checkRef } from './media.ts'
import { FIRST_PIECES, type OverlaySettings, type Piece } from './schema.ts'

/** A page that the streaming program shows. Who knows the secret can open it. */
export interface OverlayRow extends OverlaySettings {
  readonly id: OverlayId
  readonly secret: string
  readonly goneAt: UnixSeconds | null
}

/** Overlays that are gone are not loaded. */
export const overlays = defineTable<OverlayRow>('overlay', 'whole', (row) => row.id)

const savedOverlays = savedCollection(overlays, {
  one: 'overlay',
  many: 'overlays',
  most: 20,
  missing: 'overlay_not_found',
  full: 'overlay_invalid',
})
export const { open: openOverlays } = savedOverlays

export interface AddOverlay {
  readonly kind: 'screen.add'
  readonly name: string
  readonly secret: string
}

/** Makes an overlay with a box for all alerts. */
export const addOverlay = {
  decide(world, { name, secret }) {
    const before = savedOverlays.before(world, null)
    if (!before.ok) return before
    const id = world.nextId()
    const canvas = { width: 1920, height: 1080, pieces: FIRST_PIECES as Piece[], background: null }
    world.put(overlays, { id, name, secret, ...canvas, goneAt: null })
    world.fact('screen.added', 'desk', { overlay: id })
    return ok({ overlay: id })
  },
} satisfies Handler<AddOverlay>

export interface SaveOverlay {
  readonly kind: 'screen.save'
  readonly overlay: OverlayId
  readonly settings: OverlaySettings
}

/** Changes an overlay's name, size and pieces; pages that show it follow at once. */
export const saveOverlay = {
  decide(world, { overlay: id, settings }) {
    const found = savedOverlays.need(world, id)
    if (!found.ok) return found
    const checked = checkOverlay(world, settings)
    if (!checked.ok) return checked
    world.put(overlays, { ...found.value, ...settings, name: settings.name.trim() })
    world.fact('screen.changed', 'overlay', { overlay: id })
    return ok({ overlay: id, settings })
  },
} satisfies Handler<SaveOverlay>

/** What is wrong with an overlay's pieces; undefined: nothing. */
export function overlayFault({ pieces }: { readonly pieces: readonly Piece[] }): string | undefined {
  if (new Set(pieces.map(({ id }) => id)).size < pieces.length)
    return 'Two pieces have the same id. Remove one and add it again.'
  for (const piece of pieces) {
    const [fault] = piece.of === 'text' ? faultsOf(piece.text, CHANNEL_FIELDS) : []
    if (fault !== undefined) return `In a text: ${fault}`
  }
  return undefined
}

function checkOverlay(world: World, settings: OverlaySettings): Result<true> {
  const fault = overlayFault(settings)
  return fault === undefined ? checkRef(world, settings.background) : refuse('overlay_invalid', fault)
}

export interface RenewOverlay {
  readonly kind: 'screen.renew'
  readonly overlay: OverlayId
  readonly secret: string
}

/** Gives an overlay a new address; pages opened by the old one stop at once. */
export const renewOverlay = {
  decide(world, intent) {
    const found = savedOverlays.need(world, intent.overlay)
    if (!found.ok) return found
    const overlay = found.value
    world.put(overlays, { ...overlay, secret: intent.secret })
    world.fact('screen.renewed', 'desk', { overlay: overlay.id })
    return ok({ overlay: overlay.id })
  },
} satisfies Handler<RenewOverlay>

export interface RemoveOverlay {
  readonly kind: 'screen.remove'
  readonly overlay: OverlayId
}

/** Takes an overlay away; its address shows nothing any more. */
export const removeOverlay = {
  decide(world, intent) {
    const found = savedOverlays.need(world, intent.overlay)
    if (!found.ok) return found
    const overlay = found.value
    world.put(overlays, { ...overlay, goneAt: world.at })
    world.fact('screen.renewed', 'desk', { overlay: overlay.id })
    return ok({})
  },
} satisfies Handler<RemoveOverlay>
