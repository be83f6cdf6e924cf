import { useEffect, useRef, useState } from 'react'

const WIDTH = 1920

/** How wide the box is, in pixels. */
function useWidth() {
  const [width, setWidth] = useState(640)
  const box = useRef<HTMLDivElement>(null)
  useEffect(() => {
    if (box.current === null) return
    const watcher = new ResizeObserver(([entry]) => setWidth(entry?.contentRect.width ?? 640))
    watcher.observe(box.current)
    return () => watcher.disconnect()
  }, [])
  return { box, width }
}

/** The stream's picture, with a page laid over it the way a streaming program does. */
export function Stage({ source }: { source: string | undefined }) {
  const [typed, setTyped] = useState<string>()
  const { box, width } = useWidth()
  const address = typed ?? source ?? ''
  return (
    <>
      <div
        ref={box}
        className="relative mx-auto aspect-video max-h-[56vh] max-w-full overflow-hidden border border-rule bg-[#1d262b]"
      >
        <Picture />
        {/^https?:\/\//.test(address) && (
          <iframe
            title="Page over the picture"
            src={address}
            allow="autoplay"
            width={WIDTH}
            height={1080}
            className="pointer-events-none absolute top-0 left-0 origin-top-left border-0"
            style={{ transform: `scale(${width / WIDTH})` }}
          />
        )}
      </div>
      <label className="mt-4 flex items-center gap-3">
        <span className="shrink-0 font-semibold">Page over the picture</span>
        <input
          value={address}
          onChange={(event) => setTyped(event.target.value)}
          placeholder="https://…"
          spellCheck={false}
          className="min-w-0 flex-1 border border-rule bg-sheet px-3 py-2"
        />
      </label>
      <p className="mt-1 text-faint">
        As in a streaming program: 1920 × 1080, transparent. Click the page once to let it play sound.
      </p>
    </>
  )
}

/** A workbench in the evening, drawn. */
function Picture() {
  return (
    <svg
      viewBox="0 0 160 90"
      className="absolute inset-0 size-full"
      role="img"
      aria-label="A workbench with a lamp, a radio and tools"
    >
      <rect width="160" height="90" fill="#25333a" />
      <path d="M118 0 96 62h54L134 0z" fill="#f0c766" opacity=".16" />
      <rect y="62" width="160" height="28" fill="#5b4130" />
      <rect y="62" width="160" height="2.5" fill="#7a5a42" />
      <path d="M126 0v14M116 24l10-12 10 12z" stroke="#8d9aa0" strokeWidth="1.2" fill="#b88a35" />
      <g transform="translate(98 40)">
        <rect width="38" height="22" rx="2" fill="#8c5a33" />
        <circle cx="11" cy="11" r="7" fill="#2b2018" />
        <path d="M22 6h12M22 10h12M22 14h12" stroke="#e9d9b4" />
        <path d="M4 0 18-12" stroke="#cfd6d6" strokeWidth=".8" />
      </g>
      <g fill="none" stroke="#9aa8ad" strokeWidth="1.6" strokeLinecap="round">
        <path d="M20 20v18M30 18v22M40 22v14M50 18v20" />
        <path d="M16 14h40" stroke="#7a5a42" strokeWidth="2" />
      </g>
      <circle cx="34" cy="54" r="8.5" fill="#c9a35a" />
      <circle cx="34" cy="54" r="6" fill="#f6efdf" />
      <path d="M34 50v4l3 2" stroke="#22302f" fill="none" />
    </svg>
  )
}
