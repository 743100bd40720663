import { createHash } from 'node:crypto';
import type { LookCard } from '@/core/formats/look-cards';
import { MOST_WORDS } from '@/core/record/look-answer';
import type { LookHand } from '@/core/record/look-hand';
import type { Visit } from '@/core/record/visit';

const STYLE = `
*{box-sizing:border-box}body{margin:0;font:17px/1.4 system-ui,sans-serif;background:#e2e2e2;color:#1a1a1a}
header,main,footer{max-width:640px;margin:0 auto;padding:16px}h1{font-size:22px;margin:0 0 4px}h2{font-size:19px;margin:0}
p{margin:4px 0}.soft{color:#4d4d4d}section{background:#f7f7f7;border:1px solid #bdbdbd;padding:14px;margin:0 0 14px}
.head{display:flex;gap:12px;align-items:flex-start}.n{border:3px solid #1a1a1a;background:#fff;min-width:38px;height:44px;display:grid;place-items:center;font-weight:600}
.n.done{background:#1a1a1a;color:#fff}fieldset{border:0;border-top:1px solid #bdbdbd;margin:12px 0 0;padding:12px 0 0}
legend{float:left;width:100%;display:flex;gap:10px;align-items:center;padding:0 0 8px}.chip{width:72px;height:44px;flex:none}
.three{display:grid;grid-template-columns:repeat(3,1fr);clear:both}label.box{display:grid;place-items:center;min-height:48px;border:1px solid #767676;background:#fff;cursor:pointer;text-align:center}
label.box:has(:checked){background:#1a1a1a;color:#fff;font-weight:600}label.box:has(:focus-visible){outline:3px solid #1a1a1a;outline-offset:2px}.box input{position:absolute;opacity:0}
textarea,button{font:inherit}textarea{width:100%;margin-top:8px;border:1px solid #767676;padding:8px;min-height:48px}
button{min-height:52px;width:100%;border:0;background:#1a1a1a;color:#fff;font-weight:600;cursor:pointer}
footer{position:sticky;bottom:0;background:#e2e2e2;border-top:1px solid #bdbdbd}
@media(prefers-color-scheme:dark){body,footer{background:#2b2b2b;color:#f0f0f0}.soft{color:#c4c4c4}section{background:#383838;border-color:#5a5a5a}label.box,textarea,.n{background:#2b2b2b;color:#f0f0f0}label.box:has(:checked),button,.n.done{background:#f0f0f0;color:#1a1a1a}}
`;

/** Runs in the client's page. Text goes in as text, never as markup; nothing is fetched or sent. */
const SCRIPT = `
'use strict';
var data=JSON.parse(document.getElementById('data').textContent),said={},store='elm-swatch.'+data.hand;
try{said=JSON.parse(localStorage.getItem(store)||'{}')||{}}catch(e){}
function el(tag,text,cls){var e=document.createElement(tag);if(text)e.textContent=text;if(cls)e.className=cls;return e}
function keep(){try{localStorage.setItem(store,JSON.stringify(said))}catch(e){}count()}
function now(){return new Date().toISOString()}
function count(){var n=0,k;for(k in said)if(said[k].verdict)n++;
document.getElementById('state').textContent=n===0?'Nothing answered yet.':n+(n===1?' answer':' answers')+', not sent yet: save the file and send it back.';
document.getElementById('save').disabled=n===0;
data.cards.forEach(function(c){var all=c.colours.every(function(x){return (said[c.lookId+' '+x.id]||{}).verdict});document.getElementById('n'+c.number).className=all?'n done':'n'})}
var main=document.querySelector('main');
data.cards.forEach(function(c){var s=el('section'),h=el('div','','head'),n=el('div',String(c.number),'n'),t=el('div');n.id='n'+c.number;
t.appendChild(el('h2',c.room));t.appendChild(el('p',c.when.charAt(0).toUpperCase()+c.when.slice(1)+(c.day?', from '+c.day+' on':'')));h.appendChild(n);h.appendChild(t);s.appendChild(h);
s.appendChild(el('p','Hold each board at '+c.where+(c.beside?', beside '+c.beside:'')+'.','soft'));
if(c.compares)s.appendChild(el('p','To see: '+c.compares,'soft'));
c.colours.forEach(function(x){var key=c.lookId+' '+x.id,f=el('fieldset'),l=el('legend'),chip=el('span','','chip'),w=el('span'),three=el('div','','three');
chip.style.backgroundColor=x.hex;w.appendChild(el('b',x.name));w.appendChild(el('br'));w.appendChild(el('span',x.says,'soft'));l.appendChild(chip);l.appendChild(w);f.appendChild(l);
[['works','suits'],['nearly','not sure'],['no','does not']].forEach(function(v){var b=el('label',v[1],'box'),i=document.createElement('input');i.type='radio';i.name=key;i.value=v[0];
i.checked=(said[key]||{}).verdict===v[0];i.addEventListener('change',function(){said[key]={verdict:v[0],words:(said[key]||{}).words||'',at:now()};keep()});b.insertBefore(i,b.firstChild);three.appendChild(b)});
f.appendChild(three);var a=document.createElement('textarea');a.maxLength=data.mostWords;a.placeholder='In a line, if you like';a.setAttribute('aria-label','In a line: '+x.name);a.value=(said[key]||{}).words||'';
a.addEventListener('input',function(){said[key]={verdict:(said[key]||{}).verdict,words:a.value,at:(said[key]||{}).at||now()};keep()});f.appendChild(a);s.appendChild(f)});main.appendChild(s)});
document.getElementById('save').addEventListener('click',function(){var answers=[],c,i;data.cards.forEach(function(card){card.colours.forEach(function(x){var a=said[card.lookId+' '+x.id];
if(a&&a.verdict)answers.push({look:card.lookId,colour:x.id,verdict:a.verdict,words:a.words,lookedAt:a.at})})});
var file=new Blob([JSON.stringify({format:'elm-swatch/look-answers',version:1,hand:data.hand,key:data.key,answers:answers})],{type:'application/json'}),link=document.createElement('a');
link.href=URL.createObjectURL(file);link.download='looks-answered.json';document.body.appendChild(link);link.click();link.remove();
document.getElementById('state').textContent='Saved as looks-answered.json. Send it back to your consultant.'});
count();
`;

const hashOf = (text: string): string => `'sha256-${createHash('sha256').update(text).digest('base64')}'`;
const escaped = (text: string): string =>
  text.replace(/[&<>"']/g, (c) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;', "'": '&#39;' })[c]!);
/** JSON that can stand in a script element: no tag can close it, no line separator breaks it. */
const inScript = (value: unknown): string =>
  JSON.stringify(value).replace(/[<>&\u2028\u2029]/g, (c) => `\\u${c.charCodeAt(0).toString(16).padStart(4, '0')}`);

/**
 * The looks of a hand-out as one HTML file that opens without a network: its own script and style alone may run (by their hashes), nothing can be
 * fetched, and what was answered leaves it as a file.
 */
export function clientPage(visit: Visit, hand: LookHand, cards: readonly LookCard[]): string {
  const policy = `default-src 'none'; script-src ${hashOf(SCRIPT)}; style-src ${hashOf(STYLE)}; base-uri 'none'; form-action 'none'`;
  const data = { hand: hand.id, key: hand.key, mostWords: MOST_WORDS, cards };
  return `<!doctype html>
<html lang="en"><head><meta charset="utf-8"><meta http-equiv="Content-Security-Policy" content="${policy}">
<meta name="viewport" content="width=device-width,initial-scale=1"><meta name="referrer" content="no-referrer">
<title>Colours to look at: ${escaped(visit.label)}</title><style>${STYLE}</style></head><body>
<header><h1>Colours to look at: ${escaped(visit.label)}</h1>
<p>Take each look when its light is there. Look at the painted board, not at this screen: the patches here only tell which is which.</p>
<p class="soft">Keep wet boards away from children, pets and heat. Switch lamps off and let them cool before you touch them.</p></header>
<main></main>
<footer><p id="state" role="status"></p><button type="button" id="save">Save my answers as a file</button></footer>
<script type="application/json" id="data">${inScript(data)}</script><script>${SCRIPT}</script></body></html>
`;
}
