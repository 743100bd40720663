import type { LookCard } from '@/core/formats/look-cards';
import type { Verdict } from '@/core/judge/reasons';
import {
  answersOf,
  answersText,
  inTurn,
  isOutside,
  keyOf,
  mailOf,
  rankOf,
  type Now,
  type PageData,
  type SaidOf,
} from './answers';

/**
 * Runs in the client's page, on their own phone, from a file: nothing is fetched, and nothing is sent but by the person's own hand:
 * shared, mailed or kept as a file. Text goes in as text, never as markup.
 */
const data = JSON.parse(document.getElementById('data')!.textContent) as PageData;
const STORE = `elm-swatch.${data.hand}`;
const FILE = 'looks-answered.json';
const VERDICTS: readonly (readonly [Verdict, string])[] = [
  ['works', 'suits'],
  ['nearly', 'not sure'],
  ['no', 'does not'],
];

type Kept = { said: SaidOf; sent: { readonly at: string; readonly text: string } | null };
const kept: Kept = { said: {}, sent: null };
try {
  const was = JSON.parse(localStorage.getItem(STORE) ?? '{}') as Partial<Kept>;
  if (was.said) Object.assign(kept, { said: was.said, sent: was.sent ?? null });
} catch {
  // a phone that keeps nothing still answers: the file is made of what is on the page
}

const nowText = () => new Date().toISOString();
function now(): Now {
  const d = new Date();
  const two = (n: number) => String(n).padStart(2, '0');
  const date = `${d.getFullYear()}-${two(d.getMonth() + 1)}-${two(d.getDate())}`;
  return { date, hours: d.getHours() + d.getMinutes() / 60 };
}

function element<K extends keyof HTMLElementTagNameMap>(tag: K, text = '', className = ''): HTMLElementTagNameMap[K] {
  const made = document.createElement(tag);
  // a number and its sign stay on one line
  if (text !== '') made.textContent = text.replaceAll(' %', '\u00a0%');
  if (className !== '') made.className = className;
  return made;
}

const state = element('p');
state.id = 'state';
state.setAttribute('role', 'status');
const buttons = element('div', '', 'send');
const numbers = new Map<string, HTMLElement>();

const text = () => answersText(data, kept.said);
const file = () => new File([text()], FILE, { type: 'application/json' });
const sayDay = (at: string) => new Date(at).toLocaleDateString(document.documentElement.lang, { day: 'numeric', month: 'long' });

function sayState(count: number): string {
  if (count === 0) return 'Nothing answered yet.';
  if (kept.sent?.text === text()) return `Sent on ${sayDay(kept.sent.at)}. You can still change it and send it again.`;
  return `${count} ${count === 1 ? 'answer' : 'answers'}, not sent yet.`;
}

function show() {
  const count = answersOf(data.cards, kept.said).length;
  state.textContent = sayState(count);
  for (const button of buttons.querySelectorAll('button')) button.disabled = count === 0;
  for (const { lookId, colours } of data.cards) {
    const all = colours.length > 0 && colours.every((colour) => kept.said[keyOf(lookId, colour.id)]?.verdict);
    numbers.get(lookId)!.className = all ? 'n done' : 'n';
  }
}
function keep(change: Partial<Kept>) {
  Object.assign(kept, change);
  try {
    localStorage.setItem(STORE, JSON.stringify(kept));
  } catch {
    // as above
  }
  show();
}
const wasSent = () => keep({ sent: { at: nowText(), text: text() } });

function choice(key: string, onChosen: (verdict: Verdict) => void): HTMLElement {
  const three = element('div', '', 'three');
  for (const [verdict, words] of VERDICTS) {
    const box = element('label', words, 'box');
    const input = element('input');
    Object.assign(input, { type: 'radio', name: key, value: verdict, checked: kept.said[key]?.verdict === verdict });
    input.addEventListener('change', () => onChosen(verdict));
    box.prepend(input);
    three.append(box);
  }
  return three;
}

function question(card: LookCard, colour: LookCard['colours'][number]): HTMLElement {
  const key = keyOf(card.lookId, colour.id);
  const field = element('fieldset');
  const legend = element('legend');
  const chip = element('span', '', 'chip');
  chip.style.backgroundColor = colour.hex;
  const named = element('span');
  named.append(element('b', colour.name), element('br'), element('span', colour.says, 'soft'));
  legend.append(chip, named);
  const hint = element('p', '', 'soft');
  hint.hidden = true;
  const chosen = choice(key, (verdict) => {
    hint.hidden = !isOutside(card, now());
    hint.textContent = 'Kept, and marked: it is not the hour of this look. Look again when it is.';
    keep({ said: { ...kept.said, [key]: { verdict, words: kept.said[key]?.words ?? '', at: nowText() } } });
  });
  const words = element('textarea');
  words.maxLength = data.mostWords;
  words.placeholder = 'In a line, if you like';
  words.setAttribute('aria-label', `In a line: ${colour.name}`);
  words.value = kept.said[key]?.words ?? '';
  words.addEventListener('input', () => {
    const before = kept.said[key];
    keep({ said: { ...kept.said, [key]: { verdict: before?.verdict, words: words.value, at: before?.at ?? nowText() } } });
  });
  field.append(legend, chosen, words, hint);
  return field;
}

function section(card: LookCard): HTMLElement {
  const made = element('section');
  const head = element('div', '', 'head');
  const number = element('div', String(card.number), 'n');
  numbers.set(card.lookId, number);
  const title = element('div');
  const when = card.when.charAt(0).toUpperCase() + card.when.slice(1);
  const isNow = rankOf(card, now()) === 0 ? 'Now: ' : '';
  title.append(element('h2', card.room), element('p', `${isNow}${when}${card.day ? `, from ${card.day} on` : ''}`));
  head.append(number, title);
  made.append(head);
  if (card.colours.length > 0) {
    made.append(element('p', `Hold each board at ${card.where}${card.beside ? `, beside ${card.beside}` : ''}.`, 'soft'));
    if (card.compares) made.append(element('p', `To see: ${card.compares}`, 'soft'));
  }
  made.append(...card.colours.map((colour) => question(card, colour)));
  if (card.paintFirst.length > 0)
    made.append(element('p', `To be painted on a board first: ${card.paintFirst.join(', ')}.`, 'soft'));
  return made;
}

function button(words: string, className: string, act: () => void) {
  const made = element('button', words, className);
  made.type = 'button';
  made.addEventListener('click', act);
  buttons.append(made);
}
function save() {
  const link = element('a');
  link.href = URL.createObjectURL(file());
  link.download = FILE;
  document.body.append(link);
  link.click();
  link.remove();
}
function canShare(): boolean {
  try {
    return 'canShare' in navigator && navigator.canShare({ files: [file()] });
  } catch {
    return false;
  }
}

document.querySelector('main')!.append(...inTurn(data.cards, now()).map(section));
if (canShare())
  button(
    'Share my answers',
    '',
    () => void navigator.share({ files: [file()], title: data.title }).then(wasSent, () => undefined),
  );
if (data.email !== '')
  button('Mail my answers', 'plain', () => {
    save();
    wasSent();
    location.href = mailOf(data, FILE);
  });
button('Save my answers as a file', 'plain', () => {
  save();
  wasSent();
});
document.querySelector('footer')!.append(state, buttons);
show();
