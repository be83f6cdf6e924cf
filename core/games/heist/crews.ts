import type { Fixed } from '../../schema.ts'
import { boundsOf, type Returns } from '../odds.ts'
import { heistOdds } from './heist.ts'
import type { HeistSettings, HeistSite } from './schema.ts'

type Sites = Fixed<Pick<HeistSettings, 'sites' | 'leastCrew' | 'mostCrew'>>

/** The site for a crew: the one for the largest crew that this is. */
export const siteFor = <S extends Pick<HeistSite, 'fromCrew'>>(sites: readonly S[], crew: number): S =>
  sites.reduce((best, one) =>
    one.fromCrew <= crew && (best.fromCrew > crew || one.fromCrew > best.fromCrew) ? one : best,
  )

/** The crews that a site can have: from its own least to one below the next site's, and those at which a chance stops growing. */
export function crewsOf({ sites, leastCrew, mostCrew }: Sites, site: number): number[] {
  const own = sites[site]
  if (own === undefined) return []
  const from = Math.min(
    mostCrew,
    Math.max(leastCrew, sites.every((one) => one.fromCrew >= own.fromCrew) ? 1 : own.fromCrew),
  )
  const next = Math.min(
    ...sites.filter(({ fromCrew }) => fromCrew > own.fromCrew).map(({ fromCrew }) => fromCrew - 1),
    mostCrew,
  )
  const full =
    own.bonusPpm === 0
      ? []
      : own.rooms.map(({ throughPpm }) => 1 + Math.ceil(Math.max(0, own.capPpm - throughPpm) / own.bonusPpm))
  const crews = [from, ...full, next].filter((crew) => crew >= from && crew <= Math.max(from, next))
  return [...new Set(crews)].sort((a, b) => a - b)
}

/** A chance only grows with the crew, so the smallest and the largest of each site bound every plan. */
export const heistReturns = (settings: Sites): Returns =>
  boundsOf(
    settings.sites.flatMap((site, i) =>
      crewsOf(settings, i).flatMap((crew) => heistOdds(site, crew).map(({ returns }) => returns)),
    ),
  )
