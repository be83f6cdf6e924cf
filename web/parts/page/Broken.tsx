import { Component, type ReactNode } from 'react'
import { Button } from '../Button.tsx'
import { discardDraftsOn, hasDraftsOn } from '../form/keptDrafts.ts'

function withoutDrafts(): void {
  discardDraftsOn(window.location.pathname, window.localStorage)
  window.location.reload()
}

/** Around all pages: in place of one that failed it says so plainly, and offers what helps. Nothing that was saved is lost by it. */
export class Broken extends Component<{ readonly children: ReactNode }, { readonly fault: unknown }> {
  override state: { readonly fault: unknown } = { fault: undefined }

  static getDerivedStateFromError(fault: unknown) {
    return { fault: fault ?? 'No reason was given.' }
  }

  override render() {
    const { fault } = this.state
    if (fault === undefined) return this.props.children
    return (
      <main className="mx-auto flex min-h-dvh max-w-md flex-col items-start justify-center gap-4 p-6">
        <h1 className="text-2xl">Something went wrong on this page</h1>
        <p>Everything saved is safe. Reload the page; if it happens again, tell us what you did.</p>
        <p className="text-sm break-words text-muted">{fault instanceof Error ? fault.message : String(fault)}</p>
        <div className="flex flex-wrap gap-2">
          <Button look="main" onClick={() => window.location.reload()}>
            Reload the page
          </Button>
          {hasDraftsOn(window.location.pathname, window.localStorage) && (
            <Button look="danger" onClick={withoutDrafts}>
              Discard unsaved changes and reload
            </Button>
          )}
        </div>
      </main>
    )
  }
}

/** For an address below the application that leads nowhere. */
export function NoSuchPage({ home }: { home: string }) {
  return (
    <div className="flex flex-col items-start gap-3 p-4">
      <h1 className="text-2xl">There is no page here</h1>
      <a href={home} className="underline">
        Go to the first page
      </a>
    </div>
  )
}
