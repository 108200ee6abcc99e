import { randomBytes } from 'node:crypto'
import { refusalWords } from '@jovrin/contract'
import type { RequestHandler, Response } from 'express'
import helmet from 'helmet'
import { Refusal } from './refusal.js'

/** Refuses other Host names (a page elsewhere may point its own name at this machine) and requests that another site sends. */
export const onlyOwnHost =
  (names: ReadonlySet<string>): RequestHandler =>
  (req, _res, next) => {
    const host = hostName(req.headers.host)
    if (host === null || !names.has(host)) throw new Refusal(403, 'foreign_host', refusalWords.foreignHost)
    const { origin } = req.headers
    if (origin !== undefined && (!URL.canParse(origin) || new URL(origin).host !== req.headers.host))
      throw new Refusal(403, 'foreign_origin', refusalWords.foreignOrigin)
    if (req.headers['sec-fetch-site'] === 'cross-site' && req.method !== 'GET')
      throw new Refusal(403, 'foreign_origin', refusalWords.foreignOrigin)
    next()
  }

function hostName(header: string | undefined): string | null {
  if (header === undefined || !URL.canParse(`http://${header}`)) return null
  return new URL(`http://${header}`).hostname
}

export const nonceOf = (res: Response): string => String(res.locals['nonce'])

/** A fresh nonce per response, for the style elements that the interface library writes; scripts and everything else only from here. */
export const securityHeaders: RequestHandler[] = [
  (_req, res, next) => {
    res.locals['nonce'] = randomBytes(16).toString('base64')
    next()
  },
  helmet({
    contentSecurityPolicy: {
      useDefaults: false,
      directives: {
        defaultSrc: ["'none'"],
        scriptSrc: ["'self'"],
        workerSrc: ["'self'"],
        styleSrc: ["'self'", (_req, res) => `'nonce-${nonceOf(res as Response)}'`],
        // Positions of drawings and sliders are set as style attributes.
        styleSrcAttr: ["'unsafe-inline'"],
        fontSrc: ["'self'"],
        imgSrc: ["'self'", 'data:', 'blob:'],
        connectSrc: ["'self'"],
        manifestSrc: ["'self'"],
        baseUri: ["'none'"],
        formAction: ["'self'"],
        frameAncestors: ["'none'"],
      },
    },
    // Plain http on the loopback interface: nothing to pin.
    strictTransportSecurity: false,
    crossOriginEmbedderPolicy: false,
    // Both mean something in a secure context only; over plain http on the local network a browser complains of them.
    crossOriginOpenerPolicy: false,
    originAgentCluster: false,
    referrerPolicy: { policy: 'no-referrer' },
  }),
]
