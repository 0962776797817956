/** Which addresses of the network the server may go to: public ones, and no others. */
import { lookup, type LookupAddress } from 'node:dns';
import type { LookupFunction } from 'node:net';
import ipaddr from 'ipaddr.js';
import { LONGEST_LINK } from './bounds';
import { Refusal, urlOf } from './answers';

/**
 * Whether an address is public: neither this machine, nor a network of one's own, nor one of many listeners,
 * nor a reserved one, also where IPv6 wraps IPv4. Ranges are those of the registries of IANA, by `ipaddr.js`.
 */
export function isPublic(address: string): boolean {
  if (!ipaddr.isValid(address)) return false;
  // Of the many ways to write one address: what IPv6 wraps is unwrapped.
  return ipaddr.process(address).range() === 'unicast';
}

/** Hosts that are allowed beside the public ones, `host:port`; for tests and for a site of one's own. */
export function isAllowedHere({ host }: Pick<URL, 'host'>): boolean {
  return (process.env['RETORT_ALLOW_PAGES'] ?? '').split(',').filter(Boolean).includes(host);
}

export const NOT_PUBLIC = 'This address is not public: only pages of the web are read.';

/**
 * A link that may be followed.
 *
 * @throws Refusal for another scheme, a name and a password, another port, an address that is not public
 */
export function checkedLink(link: string): URL {
  const url = link.length <= LONGEST_LINK ? urlOf(link) : null;
  if (!url) throw new Refusal(422, 'This is no link.');
  if (url.protocol !== 'http:' && url.protocol !== 'https:')
    throw new Refusal(422, 'Only links of http and https are read.');
  if (url.username || url.password) throw new Refusal(422, 'Links with a password are not read.');
  if (isAllowedHere(url)) return url;
  if (url.port !== '') throw new Refusal(422, 'Only the usual ports of the web are read.');
  const literal = url.hostname.replace(/^\[|\]$/g, '');
  if (ipaddr.isValid(literal) && !isPublic(literal)) throw new Refusal(422, NOT_PUBLIC);
  // A name without a dot is one of the own network.
  if (!ipaddr.isValid(literal) && !/\.\p{L}[\p{L}\p{N}-]*\.?$/u.test(url.hostname))
    throw new Refusal(422, NOT_PUBLIC);
  return url;
}

/**
 * Resolves a name for a connection, which is then made to the very address that was checked. A name with one
 * address that is not public is refused whole.
 *
 * @param resolve of names; the system's
 */
export function publicLookup(resolve: typeof lookup = lookup): LookupFunction {
  return (hostname, options, callback) => {
    resolve(hostname, { ...options, all: true }, (error, found) => {
      const addresses = found as LookupAddress[] | undefined;
      const fail = (message: string): void =>
        callback(Object.assign(new Error(message), { code: 'ENOTFOUND' }), '', 0);
      if (error) callback(error, '', 0);
      else if (!addresses || addresses.length === 0) fail('no address');
      else if (!addresses.every(({ address }) => isPublic(address))) fail(NOT_PUBLIC);
      else if (options.all) callback(null, addresses);
      else callback(null, addresses[0]?.address ?? '', addresses[0]?.family);
    });
  };
}

/** Whether a connection failed because its name is not public. */
export function isNotPublic(error: unknown): boolean {
  for (let at: unknown = error; at instanceof Error; at = at.cause)
    if (at.message === NOT_PUBLIC) return true;
  return false;
}
