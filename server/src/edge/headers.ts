import type { Context } from 'hono'
import { secureHeaders } from 'hono/secure-headers'
import type { Config } from '../config.ts'

const isSecure = ({ PUBLIC_URL }: Config): boolean => PUBLIC_URL.startsWith('https:')
const HSTS = 'max-age=31536000'

/** What every answer tells the browser: load and run nothing from elsewhere, be framed by nobody. */
export function headers(config: Config) {
  const secure = isSecure(config)
  return secureHeaders({
    contentSecurityPolicy: {
      defaultSrc: ["'self'"],
      scriptSrc: ["'self'"],
      // React and Headless UI place elements with style attributes.
      styleSrc: ["'self'", "'unsafe-inline'"],
      imgSrc: ["'self'", 'data:', 'blob:'],
      // What is chosen from disk is looked at before it is sent.
      mediaSrc: ["'self'", 'blob:'],
      objectSrc: ["'none'"],
      baseUri: ["'none'"],
      formAction: ["'self'", new URL(config.OIDC_ISSUER).origin],
      frameAncestors: [frameAncestors],
      ...(secure && { upgradeInsecureRequests: [] }),
    },
    xFrameOptions: false,
    strictTransportSecurity: secure ? HSTS : false,
    crossOriginResourcePolicy: false,
  })
}

// An overlay is made to be shown inside a streaming program's page; everything else is never framed.
const frameAncestors = (c: Context): string => (c.req.path.startsWith('/overlay/') ? '*' : "'none'")

/** The same for what is written straight to a connection: live feeds, which are no document of their own. */
export const feedHeaders = (config: Config): Record<string, string> => ({
  'content-security-policy': "default-src 'none'; frame-ancestors 'none'",
  'x-content-type-options': 'nosniff',
  'referrer-policy': 'no-referrer',
  'cross-origin-opener-policy': 'same-origin',
  ...(isSecure(config) && { 'strict-transport-security': HSTS }),
})
