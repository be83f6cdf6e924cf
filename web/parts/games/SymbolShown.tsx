import { DRAWN_SYMBOLS } from './symbols.ts'

/** A symbol of the reels: one of our drawings, or what the streamer chose. Its name stands beside it. */
export function SymbolShown({ symbol, className = 'size-8' }: { symbol: string; className?: string }) {
  if (!DRAWN_SYMBOLS.includes(symbol as never))
    return (
      <span aria-hidden="true" className={`inline-flex items-center justify-center text-xl ${className}`}>
        {symbol}
      </span>
    )
  return <img src={`/pictures/symbols/${symbol}.svg`} alt="" className={`inline-block ${className}`} />
}
