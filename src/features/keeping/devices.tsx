'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { toast } from 'sonner';
import type { ShownDevice } from '@/server/keeping/kept';
import type { DeviceCode } from '@/server/keeping/devices';
import { Button } from '@/ui/button';

const times = new Intl.DateTimeFormat('en-GB', { weekday: 'long', hour: '2-digit', minute: '2-digit' });
const sayTime = (at: number) => times.format(new Date(at));
const AWAY = 'Elm Swatch does not answer just now.';

/** A code for one more device: to be read off the screen, or by a camera. */
function Code({ code, until, address, picture }: DeviceCode) {
  return (
    <div className="flex flex-wrap items-center gap-5 border border-line-strong bg-panel p-4" role="status">
      {/* eslint-disable-next-line @next/next/no-img-element -- a picture made for this moment, in the page itself */}
      <img src={picture} alt={`The code ${code} and the address, for a camera`} width={174} height={174} />
      <div>
        <p className="text-soft">On the other device open {address} and enter</p>
        <p className="text-4xl font-semibold tracking-widest tabular-nums">{code}</p>
        <p className="text-soft">For one device, until {sayTime(until)}</p>
      </div>
    </div>
  );
}

/** Devices that were let in: each can be turned away, and another let in. */
export function Devices({ devices }: { readonly devices: readonly ShownDevice[] }) {
  const router = useRouter();
  const [code, setCode] = useState<DeviceCode>();
  const letIn = async () => {
    const response = await fetch('/api/keeping/code', { method: 'POST' }).catch(() => undefined);
    if (!response?.ok) return void toast.error(AWAY);
    setCode((await response.json()) as DeviceCode);
  };
  const turnAway = async ({ id, name }: ShownDevice) => {
    const response = await fetch(`/api/keeping/devices/${id}`, { method: 'DELETE' }).catch(() => undefined);
    if (!response?.ok) return void toast.error(AWAY);
    toast(`${name} is turned away: it has to enter a new code`);
    router.refresh();
  };
  return (
    <div className="grid gap-3">
      <p className="max-w-prose text-soft">
        Other machines in this network can reach Elm Swatch. Each enters a code once; none gets anything without. Nothing is
        encrypted on the way: use it only in a network you trust. When Elm Swatch is started anew, all enter a code anew.
      </p>
      <ul className="divide-y divide-line border border-line bg-panel">
        {devices.map((device) => (
          <li key={device.id} className="flex items-center gap-3 px-4 py-2">
            <span className="flex-1">
              {device.name}
              {device.here && <b> (this one)</b>}
              <span className="block text-sm text-soft">
                in since {sayTime(device.since)}, seen last {sayTime(device.seen)}
              </span>
            </span>
            {!device.here && <Button onClick={() => void turnAway(device)}>Turn it away</Button>}
          </li>
        ))}
      </ul>
      <div>
        <Button onClick={() => void letIn()}>Let another device in…</Button>
      </div>
      {code && <Code {...code} />}
    </div>
  );
}
