import { hostname, networkInterfaces } from 'node:os'

/** Names under which a server on the loopback interface may be asked for. */
export const LOOPBACK_NAMES: ReadonlySet<string> = new Set(['127.0.0.1', 'localhost', '[::1]'])

/** This machine's addresses on the local network. */
export const lanAddresses = (): string[] =>
  Object.values(networkInterfaces()).flatMap((addresses) =>
    (addresses ?? []).filter(({ family, internal }) => family === 'IPv4' && !internal).map(({ address }) => address),
  )

/** Names that a phone may use: addresses, the machine's own name, and what JOVRIN_HOSTS adds. */
export const lanNames = (extra: string | undefined): ReadonlySet<string> =>
  new Set([
    ...LOOPBACK_NAMES,
    ...lanAddresses(),
    hostname().toLowerCase(),
    `${hostname().toLowerCase()}.local`,
    ...(extra ?? '')
      .split(',')
      .map((name) => name.trim().toLowerCase())
      .filter(Boolean),
  ])
