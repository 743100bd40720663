import { access } from '../border/access';
import { isGuarded } from '../border/gate';
import { addresses, enterAddress } from '../border/show-code';
import { qrCode } from '../papers/qr-code';

/** A code for one more device, as text and as a picture a camera reads. */
export type DeviceCode = { readonly code: string; readonly until: number; readonly address: string; readonly picture: string };

export async function newDeviceCode(): Promise<DeviceCode | undefined> {
  if (!isGuarded()) return undefined;
  const { code, until } = access().newCode();
  return { code, until, address: addresses()[0]!, picture: await qrCode(enterAddress(code)) };
}

/** Turns a device away; false when there is none of that id. */
export const turnAway = (id: string): boolean => access().revoke(id);
