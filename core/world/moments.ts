/** A figure that a moment brings. `says`: what it tells, where texts of steps may use it. `maybe`: it is not always there. */
export interface Figure {
  readonly is: 'number' | 'text'
  readonly says?: string
  readonly maybe?: true
}

/** What a kind of moment is. `by`: whether somebody did it, or it came about by itself. */
export interface DeclaredMoment {
  readonly by: 'viewer' | 'nobody'
  readonly figures: Readonly<Record<string, Figure>>
}

/** All kinds of moments. Each feature adds its own, in its `moments.ts`. */
// biome-ignore lint/suspicious/noEmptyInterface: the features add to it
export interface Moments {}

export type MomentKind = keyof Moments

type Valued<F> = F extends { readonly is: 'number' } ? number : string
type Sure<F> = { [N in keyof F]: F[N] extends { readonly maybe: true } ? never : N }[keyof F]

/** The figures of a kind of moment. */
export type MomentFigures<K extends MomentKind> = Moments[K] extends { readonly figures: infer F }
  ? { readonly [N in Sure<F>]: Valued<F[N]> } & { readonly [N in Exclude<keyof F, Sure<F>>]?: Valued<F[N]> }
  : never

/** Whom a kind of moment is about: a viewer's number, or null for nobody. */
export type MomentViewer<K extends MomentKind> = Moments[K] extends { readonly by: 'nobody' } ? null : number

/** Something happened that triggers may be set off by. The figures are what conditions look at and texts can tell. */
export type Moment<K extends MomentKind = MomentKind> = K extends MomentKind
  ? { readonly kind: K; readonly viewer: MomentViewer<K>; readonly figures: MomentFigures<K> }
  : never
