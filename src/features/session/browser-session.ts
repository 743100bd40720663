import { v7 } from 'uuid';
import { localText } from '@/ui/browser-text';
import { httpTransport } from './http-transport';
import { makeOutbox } from './outbox';
import { browserPictures } from './picture-store';
import { withPictures, type HandIn, type PictureStore } from './pictures';
import type { Timer } from './ports';
import { makeSession, type Session } from './session';

const CHANNEL = 'elm-swatch';

export const windowTimer: Timer = (ms, run) => {
  const id = setTimeout(run, ms);
  return () => clearTimeout(id);
};

export type BrowserSession = {
  readonly session: Session;
  readonly pictures: PictureStore;
  readonly handIn: HandIn;
  readonly transport: Parameters<typeof makeSession>[0]['transport'];
};

let here: BrowserSession | undefined;

/** The one session of this page, made when it is first needed, in the browser only. */
export function browserSession(): BrowserSession {
  if (here) return here;
  const pictures = browserPictures();
  const http = httpTransport((...asked) => fetch(...asked));
  const transport = { ...http, send: withPictures(http.send, pictures, http.handIn) };
  const channel = new BroadcastChannel(CHANNEL);
  const session = makeSession({
    outbox: makeOutbox(localText),
    transport,
    timer: windowTimer,
    now: () => Date.now(),
    newId: () => v7(),
    tellOthers: () => channel.postMessage('saved'),
  });
  channel.onmessage = () => void session.readAgain();
  window.addEventListener('online', () => void session.readAgain());
  here = { session, pictures, handIn: http.handIn, transport };
  session.resume();
  return here;
}
