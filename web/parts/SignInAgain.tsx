import { useEffect, useState } from 'react'
import { FormDialog } from './FormDialog.tsx'
import { signInAddress } from './SignIn.tsx'
import { SIGN_IN_AGAIN } from './signInNotice.ts'

/** Asks to sign in again, whatever on the page needed it, and comes back to this page. */
export function SignInAgain({ scope, why }: { scope: 'desk' | 'viewer'; why: string }) {
  const [asking, setAsking] = useState(false)
  useEffect(() => {
    const ask = () => setAsking(true)
    window.addEventListener(SIGN_IN_AGAIN, ask)
    return () => window.removeEventListener(SIGN_IN_AGAIN, ask)
  }, [])
  if (!asking) return null
  return (
    <FormDialog title="Please sign in again" close={() => setAsking(false)}>
      <p>{why} asks for a sign-in of the last 10 minutes. You come back to this page; then do it once more.</p>
      <p className="flex gap-3">
        <a
          href={signInAddress(scope)}
          className="rounded-md bg-brass px-4 py-2 font-semibold text-on-brass hover:bg-brass-hover"
        >
          Sign in again
        </a>
        <button
          type="button"
          onClick={() => setAsking(false)}
          className="rounded-md border border-line px-4 py-2 font-medium hover:bg-raised"
        >
          Not now
        </button>
      </p>
    </FormDialog>
  )
}
