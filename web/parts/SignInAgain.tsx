import { useEffect, useState } from 'react'
import { lazily } from './lazily.tsx'
import { SIGN_IN_AGAIN } from './signInNotice.ts'

const SignInDialog = lazily(async () => (await import('./dialog/SignInDialog.tsx')).SignInDialog)

/** Asks to sign in again, whatever on the page needed it, and comes back to this page. */
export function SignInAgain({ scope, why }: { scope: 'desk' | 'viewer'; why: string }) {
  const [asking, setAsking] = useState(false)
  useEffect(() => {
    const ask = () => setAsking(true)
    window.addEventListener(SIGN_IN_AGAIN, ask)
    return () => window.removeEventListener(SIGN_IN_AGAIN, ask)
  }, [])
  if (!asking) return null
  return <SignInDialog scope={scope} why={why} close={() => setAsking(false)} />
}
