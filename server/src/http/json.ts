/** JSON as a file to keep, sent piece by piece as it is made. @param name - Without its ending. */
export function jsonFile(name: string, pieces: AsyncGenerator<string>): Response {
  const encoder = new TextEncoder()
  const body = new ReadableStream<Uint8Array>({
    async pull(controller) {
      const { done, value } = await pieces.next()
      if (done) controller.close()
      else controller.enqueue(encoder.encode(value))
    },
    async cancel() {
      await pieces.return(undefined)
    },
  })
  const disposition = `attachment; filename="${name}.json"`
  return new Response(body, {
    headers: { 'content-type': 'application/json; charset=utf-8', 'content-disposition': disposition },
  })
}
