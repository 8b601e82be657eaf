import { hostname, networkInterfaces } from 'node:os';
import { isIP } from 'node:net';

/** Everywhere at once; then a request may name any address of this machine, and its own name. */
const EVERYWHERE = new Set(['0.0.0.0', '::']);
export const LOOPBACK = '127.0.0.1';

/** HOST as it is given; nothing, or only blanks, is loopback, never every interface. */
export const hostOf = (given: string | undefined): string => {
  const host = (given ?? '').trim();
  return host === '' ? LOOPBACK : host;
};

/** The names by which a server listening on `host` may be asked, in lower case. */
export function namesOf(host: string): ReadonlySet<string> {
  const names = new Set([LOOPBACK, '::1', 'localhost', host.toLowerCase()]);
  if (!EVERYWHERE.has(host)) return names;
  for (const list of Object.values(networkInterfaces())) for (const a of list ?? []) names.add(a.address.toLowerCase());
  const own = hostname().toLowerCase();
  names.add(own);
  names.add(`${own}.local`);
  return names;
}

/** The name and port of a Host header; null: it is none, or crafted. */
export function hostHeader(given: string | undefined): { readonly name: string; readonly port: string } | null {
  const m = /^(\[[0-9a-f:.]+\]|[a-z0-9.-]+)(?::(\d{1,5}))?$/i.exec(given ?? '');
  const said = m?.[1];
  if (!m || said === undefined) return null;
  const name = said.startsWith('[') ? said.slice(1, -1) : said;
  if (said.startsWith('[') && isIP(name) !== 6) return null;
  return { name: name.toLowerCase(), port: m[2] ?? '80' };
}
