import type { Context } from 'hono'
import { deleteCookie, getCookie, setCookie } from 'hono/cookie'

/**
 * Cookies that only this very host can set over TLS: the browser holds to what the prefix `__Host-` says (RFC 6265bis), so a
 * neighbouring host cannot plant one. Without TLS (a demo on one machine) browsers take no such name.
 */
export class Cookies {
  constructor(readonly secure: boolean) {}

  get(c: Context, name: string): string | undefined {
    return getCookie(c, this.nameOf(name))
  }

  set(c: Context, name: string, value: string, maxAge: number): void {
    setCookie(c, this.nameOf(name), value, { ...this.#options, maxAge })
  }

  delete(c: Context, name: string): void {
    deleteCookie(c, this.nameOf(name), this.#options)
  }

  /** How the browser is told to call it. */
  nameOf(name: string): string {
    return `${this.secure ? '__Host-' : ''}ricompensa_${name}`
  }

  get #options() {
    return { httpOnly: true, sameSite: 'Lax', secure: this.secure, path: '/' } as const
  }
}
