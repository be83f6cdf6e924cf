import { createHash } from 'node:crypto'
import { LRUCache } from 'lru-cache'
import { raffleFile } from '#core/raffles'
import type { Reader } from '../database/index.ts'
import { type Call, idOf, problem } from '../http/index.ts'
import { everybodyIn } from './entries.ts'
import { type RaffleShown, raffleById, winnersOf } from './read.ts'

/** A file with fifty thousand entrants has some 5 MB: so many bytes of files are kept in memory. */
const MOST_BYTES = 32_000_000
/** Somebody may be forgotten meanwhile, which changes names and nothing else that is looked at: a file is not kept for longer. */
const KEPT_MS = 60_000
const PIECE = 65_536

interface Made {
  readonly etag: string
  readonly bytes: Uint8Array<ArrayBuffer>
}

interface Asked {
  readonly channel: number
  readonly raffle: RaffleShown
  readonly indent: number
}

/** Everything that a raffle can be checked by, made once for each state it is in, however many ask. */
export class CheckFiles {
  readonly #made: LRUCache<string, Made, Asked>

  constructor(readonly db: Reader) {
    this.#made = new LRUCache<string, Made, Asked>({
      maxSize: MOST_BYTES,
      sizeCalculation: ({ bytes }) => bytes.length,
      ttl: KEPT_MS,
      fetchMethod: (_key, _stale, { context }) => make(db, context),
    })
  }

  /** Answers with the file, or that it has not changed since it was asked for last (`If-None-Match`). @param indent - As of a file to be read. */
  async answer({ channel, param, header }: Call<unknown>, indent: number): Promise<Response> {
    const id = idOf(param('raffle'))
    const raffle = await raffleById(this.db, channel.id, id)
    if (raffle === undefined) throw problem('not_found')
    const key = `${channel.id}/${id}/${indent}/${stateOf(raffle)}`
    const { etag, bytes } = await this.#made.forceFetch(key, { context: { channel: channel.id, raffle, indent } })
    const headers = { etag, 'cache-control': 'private, no-cache', 'content-type': 'application/json; charset=utf-8' }
    if (header('if-none-match') === etag) return new Response(null, { status: 304, headers })
    return new Response(inPieces(bytes), { headers: { ...headers, 'content-length': String(bytes.length) } })
  }
}

/** Whatever of a raffle changes what is in its file. */
const stateOf = ({ status, draws, won, drawing, people, tickets, weight, paid, seed, waiting }: RaffleShown): string =>
  JSON.stringify([status, draws, won, drawing?.until ?? null, people, tickets, weight, paid, seed, waiting.length])

async function make(db: Reader, { channel, raffle, indent }: Asked): Promise<Made> {
  const picks = (await winnersOf(db, channel, [raffle.id])).map(
    ({ draw, viewer, name, digest, point, weight, total }) => ({ draw, viewer, name, digest, point, weight, total }),
  )
  const entrants = await everybodyIn(db, channel, raffle.id)
  const { guess: guessing } = raffle.settings
  const file = raffleFile(raffle.settings.title, {
    id: raffle.id,
    seed: raffle.seed ?? '',
    commitment: raffle.commitment,
    entrants: entrants.map(({ guess, guessOrder, ...one }) => ({
      ...one,
      ...(guessing !== null && { guess, guessOrder }),
    })),
    winners: picks,
    ...(guessing !== null && {
      guess: {
        ...{ least: guessing.least, most: guessing.most },
        ...{ answer: raffle.answer, commitment: raffle.answerCommitment },
      },
    }),
  })
  const bytes = new TextEncoder().encode(JSON.stringify(file, null, indent))
  return { etag: `"${createHash('sha256').update(bytes).digest('base64url').slice(0, 22)}"`, bytes }
}

/** Bytes piece by piece, as fast as whoever asked takes them. */
function inPieces(bytes: Uint8Array<ArrayBuffer>): ReadableStream<Uint8Array> {
  let at = 0
  return new ReadableStream({
    pull(controller) {
      if (at >= bytes.length) return controller.close()
      controller.enqueue(bytes.subarray(at, at + PIECE))
      at += PIECE
    },
  })
}
