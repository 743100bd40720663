import { newDeviceCode } from '@/server/keeping/devices';

/** Makes a code for another device; only where others can reach the server at all. */
export async function POST(): Promise<Response> {
  const made = await newDeviceCode();
  return made
    ? Response.json(made, { headers: { 'cache-control': 'no-store' } })
    : Response.json({ error: 'Only this machine reaches Elm Swatch: start it with --host.' }, { status: 404 });
}
