import { type Static, Type } from '@sinclair/typebox'
import { MEDIA } from './files.ts'

/** The sounds and pictures that ship with the product, by the names that settings and facts use. */
export const SOUNDS = ['none', 'bell', 'whistle', 'ratchet'] as const
export type Sound = (typeof SOUNDS)[number]
export const PICTURES = ['lamp', 'radio', 'clock', 'whistle', 'sparks', 'postcard', 'guide', 'tag'] as const
export type Picture = (typeof PICTURES)[number]

const fileRef = (endings: readonly string[]) =>
  Type.Unsafe<`media/${string}`>(Type.String({ pattern: `^media/[0-9a-f]{32}\\.(${endings.join('|')})$` }))
const own = <T extends string>(names: readonly T[]) => Type.Union(names.map((name) => Type.Literal(name)))

/** A picture or video: one of our drawings, or a file of the library ("media/" and its name). */
export const PictureRef = Type.Union([own(PICTURES), fileRef([...MEDIA.picture, ...MEDIA.video])])
export type PictureRef = Static<typeof PictureRef>

/** A picture that stands still or moves, but is no video: what stands beside a name. */
export const StillRef = Type.Union([own(PICTURES), fileRef(MEDIA.picture)])
export type StillRef = Static<typeof StillRef>

/** A sound: one of ours, or a file of the library. */
export const SoundRef = Type.Union([own(SOUNDS), fileRef(MEDIA.sound)])
export type SoundRef = Static<typeof SoundRef>
