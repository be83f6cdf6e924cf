import { signInAddress } from '../SignIn.tsx'
import { FormDialog } from './FormDialog.tsx'

interface SignInDialogProps {
  readonly scope: 'desk' | 'viewer'
  /** What asks for it. */
  readonly why: string
  readonly close: () => void
}

/** The way to sign in again, and back to this page. */
export function SignInDialog({ scope, why, close }: SignInDialogProps) {
  return (
    <FormDialog title="Please sign in again" close={close}>
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
          onClick={close}
          className="rounded-md border border-line px-4 py-2 font-medium hover:bg-raised"
        >
          Not now
        </button>
      </p>
    </FormDialog>
  )
}
