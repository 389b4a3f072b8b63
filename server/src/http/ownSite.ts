import type { Context as KoaContext, Next } from 'koa';
import { Refusal } from '../usecases/Refusal.ts';

const LOOPBACK = new Set(['127.0.0.1', 'localhost', '[::1]']);

const hostOf = (text: string): string | null => {
  try {
    return new URL(text).host;
  } catch {
    return null;
  }
};

/**
 * Only a page of this site speaks with the API, on loopback too: a page from elsewhere, opened in the same browser, could
 * otherwise read the shop under a name that leads here, and write to it.
 *
 * @param hosts - names beside loopback by which people reach this server, with their port where it is not the usual one
 */
export function ownSite(hosts: readonly string[]) {
  const known = new Set(hosts.map((host) => host.toLowerCase()));
  return async (ctx: KoaContext, next: Next): Promise<void> => {
    const host = ctx.get('Host').toLowerCase();
    if (!known.has(host) && !LOOPBACK.has(host.replace(/:\d+$/, '')))
      throw new Refusal(421, 'host', 'Not this name', 'This server is not known by that name. Add it to HOSTS.');
    const origin = ctx.get('Origin');
    const site = ctx.get('Sec-Fetch-Site');
    // 'none': somebody typed the address. A link from another site may open a page, but not the API.
    const foreign = site === 'cross-site' || site === 'same-site';
    if ((origin !== '' && hostOf(origin) !== host) || (foreign && ctx.path.startsWith('/api/')))
      throw new Refusal(403, 'origin', 'Another site', 'Only a page of Deep Mend itself may ask here.');
    await next();
  };
}
