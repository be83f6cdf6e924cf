/** A browser as far as a sign-in goes: it keeps cookies by host, follows where it is sent, and wants pages. */
export function visitor() {
  const cookies = new Map<string, Map<string, string>>()
  const visit = async (address: string, init: RequestInit = {}): Promise<Response> => {
    const { host } = new URL(address)
    const jar = cookies.get(host) ?? new Map<string, string>()
    cookies.set(host, jar)
    const cookie = [...jar].map(([name, value]) => `${name}=${value}`).join('; ')
    const headers = { accept: 'text/html', ...init.headers, cookie }
    const response = await fetch(address, { ...init, redirect: 'manual', headers })
    for (const line of response.headers.getSetCookie()) {
      const [, name = '', value = ''] = /^([^=]+)=([^;]*)/.exec(line) ?? []
      if (value === '') jar.delete(name)
      else jar.set(name, value)
    }
    return response
  }
  const follow = async (address: string, init: RequestInit = {}): Promise<{ response: Response; address: string }> => {
    const response = await visit(address, init)
    const next = response.headers.get('location')
    return next === null ? { response, address } : follow(new URL(next, address).href)
  }
  return { visit, follow, cookies }
}
