import { Mark } from './Mark.tsx'

/** Where a sign-in starts; it comes back to the page it was started on. */
export const signInAddress = (scope: 'desk' | 'viewer'): string =>
  `/auth/${scope}/start?return=${encodeURIComponent(window.location.pathname + window.location.search)}`

/** Where one signs in with another account of one's own, to have both be one person in a channel. @param way - The issuer's number. */
export const linkAddress = (way: number, channel: string): string =>
  `${signInAddress('viewer')}&with=${way}&link=${encodeURIComponent(channel)}`

/** A whole page that asks to sign in. */
export function SignInPage({ scope, children }: { scope: 'desk' | 'viewer'; children: string }) {
  return (
    <main className="mx-auto flex min-h-dvh max-w-md flex-col items-start justify-center gap-5 p-6">
      <Mark />
      <h1 className="text-2xl">{children}</h1>
      <a
        href={signInAddress(scope)}
        className="rounded-md bg-brass px-4 py-2.5 font-semibold text-on-brass hover:bg-brass-hover"
      >
        Sign in
      </a>
    </main>
  )
}
