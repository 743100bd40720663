import { createHash } from 'node:crypto';
import type { LookCard } from '@/core/formats/look-cards';
import { MOST_WORDS } from '@/core/record/look-answer';
import type { ConsultantCard } from '@/core/record/consultant-card';
import type { LookHand } from '@/core/record/look-hand';
import { sayAs, speechOf } from '@/core/derived/visit-speech';
import { inSpeech } from '@/core/units/local-speech';
import type { PageData } from '@/client-page/answers';
import type { Visit } from '@/core/record/visit';
import { CLIENT_FONT, CLIENT_SCRIPT } from './client-page-made';

const STYLE = `
@font-face{font-family:Hanken;font-weight:100 900;src:url(data:font/woff2;base64,${CLIENT_FONT}) format('woff2')}
*{box-sizing:border-box}body{margin:0;font:17px/1.4 Hanken,system-ui,sans-serif;background:#e2e2e2;color:#1a1a1a}
header,main,footer{max-width:640px;margin:0 auto;padding:16px}h1{font-size:22px;margin:0 0 4px}h2{font-size:19px;margin:0}
p{margin:4px 0}.soft{color:#4d4d4d}section{background:#f7f7f7;border:1px solid #bdbdbd;padding:14px;margin:0 0 14px}
.head{display:flex;gap:12px;align-items:flex-start}.n{border:3px solid #1a1a1a;background:#fff;min-width:38px;height:44px;display:grid;place-items:center;font-weight:600}
.n.done{background:#1a1a1a;color:#fff}fieldset{border:0;border-top:1px solid #bdbdbd;margin:12px 0 0;padding:12px 0 0}
legend{float:left;width:100%;display:flex;gap:10px;align-items:center;padding:0 0 8px}.chip{width:72px;height:44px;flex:none}
.three{display:grid;grid-template-columns:repeat(3,1fr);clear:both}label.box{display:grid;place-items:center;min-height:48px;border:1px solid #767676;background:#fff;cursor:pointer;text-align:center}
label.box:has(:checked){background:#1a1a1a;color:#fff;font-weight:600}label.box:has(:focus-visible){outline:3px solid #1a1a1a;outline-offset:2px}.box input{position:absolute;opacity:0}
textarea,button{font:inherit}textarea{width:100%;margin-top:8px;border:1px solid #767676;padding:8px;min-height:48px}
button{min-height:52px;width:100%;border:0;background:#1a1a1a;color:#fff;font-weight:600;cursor:pointer}
footer:empty{display:none}.send{display:grid;grid-auto-flow:column;gap:8px}.send button:disabled{opacity:.55;cursor:default}.send .plain{background:#fff;color:#1a1a1a;border:2px solid #1a1a1a}
noscript section{max-width:640px;margin:0 auto}footer{position:sticky;bottom:0;background:#e2e2e2;border-top:1px solid #bdbdbd}
@media(prefers-color-scheme:dark){body,footer{background:#2b2b2b;color:#f0f0f0}.soft{color:#c4c4c4}section{background:#383838;border-color:#5a5a5a}label.box,textarea,.n{background:#2b2b2b;color:#f0f0f0}label.box:has(:checked),button,.n.done{background:#f0f0f0;color:#1a1a1a}}
`;

/** What of a card is no text. */
const AS_IT_IS: ReadonlySet<string> = new Set(['lookId', 'id', 'hex', 'date', 'name', 'room']);
const hashOf = (text: string): string => `'sha256-${createHash('sha256').update(text).digest('base64')}'`;
const escaped = (text: string): string =>
  text.replace(/[&<>"']/g, (c) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;', "'": '&#39;' })[c]!);
/** JSON that can stand in a script element: no tag can close it, no line separator breaks it. */
const inScript = (value: unknown): string =>
  JSON.stringify(value).replace(/[<>&\u2028\u2029]/g, (c) => `\\u${c.charCodeAt(0).toString(16).padStart(4, '0')}`);

type OnPage = {
  readonly cards: readonly LookCard[];
  readonly card: Pick<ConsultantCard, 'consultantName' | 'telephone' | 'email'>;
};

/**
 * The looks of a hand-out as one HTML file that opens without a network: its own script and style alone may run (by their hashes),
 * nothing can be fetched, and what was answered leaves it as a file.
 */
export function clientPage(visit: Visit, hand: LookHand, { cards, card }: OnPage): string {
  const policy = `default-src 'none'; script-src ${hashOf(CLIENT_SCRIPT)}; style-src ${hashOf(STYLE)}; font-src data:; base-uri 'none'; form-action 'none'`;
  const speech = speechOf(visit);
  const say = sayAs(speech);
  const title = `${say('Colours to look at')}: ${visit.label}`;
  const data: PageData = {
    hand: hand.id,
    key: hand.key,
    mostWords: MOST_WORDS,
    title,
    email: card.email,
    cards: inSpeech(cards, say, AS_IT_IS),
  };
  const reached = [card.consultantName || 'your consultant', card.telephone, card.email].filter(Boolean).join(', ');
  return `<!doctype html>
<html lang="${speech.habits.dates === 'month' ? 'en-US' : 'en-GB'}"><head><meta charset="utf-8"><meta http-equiv="Content-Security-Policy" content="${policy}">
<meta name="viewport" content="width=device-width,initial-scale=1"><meta name="referrer" content="no-referrer">
<title>${escaped(title)}</title><style>${STYLE}</style></head><body>
<header><h1>${escaped(title)}</h1>
<p>Take each look when its light is there. Look at the painted board, not at this screen: the patches here only tell which is which.</p>
<p class="soft">Keep wet boards away from children, pets and heat. Switch lamps off and let them cool before you touch them.</p></header>
<main></main>
<noscript><section><p><b>This page cannot keep your answers here: scripts are off.</b></p>
<p>Open the file in your phone’s browser, or use the printed cards, or say what you saw to ${escaped(reached)}.</p></section></noscript>
<footer></footer>
<script type="application/json" id="data">${inScript(data)}</script><script>${CLIENT_SCRIPT}</script></body></html>
`;
}
