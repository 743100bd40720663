import { networkInterfaces } from 'node:os';

const LOCAL = ['127.0.0.1', 'localhost', '[::1]'];
/** An address as it stands in one of the web. */
export const inBrackets = (address: string) => (address.includes(':') && !address.startsWith('[') ? `[${address}]` : address);

/** Whether an address is of this machine alone. */
export const isLocal = (address: string): boolean => LOCAL.includes(inBrackets(address)) || address.startsWith('127.');
const isEvery = (address: string) => ['0.0.0.0', '::', '[::]'].includes(address);

/** Addresses by which other machines reach this one; of link-local ones, which carry a zone, none. */
export const realAddresses = (): string[] =>
  Object.values(networkInterfaces())
    .flatMap((all) => all ?? [])
    .filter((a) => !a.internal && !a.address.startsWith('fe80'))
    .map((a) => inBrackets(a.address));

/** Hosts this server answers to: this machine, and the addresses it was told to serve on. */
export function allowedHosts(served: string | undefined, real: () => readonly string[] = realAddresses): readonly string[] {
  if (served === undefined) return LOCAL;
  if (isLocal(served)) return [...new Set([...LOCAL, inBrackets(served)])];
  return [...LOCAL, ...(isEvery(served) ? real() : [inBrackets(served)])];
}

export const withoutPort = (host: string): string => host.replace(/:\d+$/, '');
