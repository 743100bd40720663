import { toString } from 'qrcode';
import { access } from './access';
import { allowedHosts, isLocal, withoutPort } from './hosts';

/** Where other machines reach this server, whole addresses; the local one last. */
export function addresses(): string[] {
  const port = process.env['ELM_SWATCH_PORT'] ?? '';
  const own = allowedHosts(process.env['ELM_SWATCH_HOST']).filter((h) => !isLocal(withoutPort(h)));
  return [...own, '127.0.0.1'].map((host) => `http://${host}${port === '' ? '' : `:${port}`}`);
}

/** The address that lets a device in that opens it and says yes. */
export const enterAddress = (code: string): string => `${addresses()[0]}/enter?code=${code}`;

/** Shows a code where the server was started: as text, and as a QR code for the camera of a phone. */
export async function showCode(): Promise<void> {
  const { code } = access().newCode();
  const picture = await toString(enterAddress(code), { type: 'terminal', small: true, errorCorrectionLevel: 'L' });
  process.stderr.write(
    `\nOther machines can reach this Elm Swatch. Nothing is encrypted on the way: use it only in a network you trust.\n` +
      `Each device, this one too, enters a code once, at ${addresses().join(' or ')}\n\n${picture}\n` +
      `Code: ${code} (lets one device in, within ten minutes; that one makes codes for others)\n`,
  );
}
