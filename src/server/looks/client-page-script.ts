/**
 * Runs in the client's page. Text goes in as text, never as markup; nothing is fetched, and nothing is sent but by the person's own hand: shared, mailed
 * or kept as a file. Plain words of a browser: it is not bundled.
 */
export const CLIENT_SCRIPT = `
'use strict';
var data = JSON.parse(document.getElementById('data').textContent), store = 'elm-swatch.' + data.hand, said = {}, sent = null;
try { var was = JSON.parse(localStorage.getItem(store) || '{}') || {}; said = was.said || was; sent = was.sent || null; } catch (e) {}
if (said.said) said = {};
function el(tag, text, cls) { var e = document.createElement(tag); if (text) e.textContent = text; if (cls) e.className = cls; return e; }
function now() { return new Date().toISOString(); }
function keep() { try { localStorage.setItem(store, JSON.stringify({ said: said, sent: sent })); } catch (e) {} count(); }
function answers() {
  var found = [];
  data.cards.forEach(function (card) {
    card.colours.forEach(function (x) {
      var a = said[card.lookId + ' ' + x.id];
      if (a && (a.verdict || a.words)) found.push({ look: card.lookId, colour: x.id, verdict: a.verdict || null, words: (a.words || '').trim(), lookedAt: a.at });
    });
  });
  return found;
}
function text() { return JSON.stringify({ format: 'elm-swatch/look-answers', version: 2, hand: data.hand, key: data.key, answers: answers() }); }
function file() { return new File([text()], 'looks-answered.json', { type: 'application/json' }); }
function day(at) { return new Date(at).toLocaleDateString(document.documentElement.lang, { day: 'numeric', month: 'long' }); }
var state = el('p'), buttons = el('div', '', 'send'), main = document.querySelector('main'), foot = document.querySelector('footer');
state.id = 'state'; state.setAttribute('role', 'status');
function count() {
  var n = answers().length, same = sent && sent.text === text();
  state.textContent = n === 0 ? 'Nothing answered yet.' : same ? 'Sent on ' + day(sent.at) + '. You can still change it and send it again.' :
    n + (n === 1 ? ' answer' : ' answers') + ', not sent yet.';
  Array.prototype.forEach.call(buttons.children, function (b) { b.disabled = n === 0; });
  data.cards.forEach(function (c) {
    var all = c.colours.length > 0 && c.colours.every(function (x) { return (said[c.lookId + ' ' + x.id] || {}).verdict; });
    document.getElementById('n' + c.number).className = all ? 'n done' : 'n';
  });
}
function wasSent() { sent = { at: now(), text: text() }; keep(); }
function hours() { var d = new Date(); return d.getHours() + d.getMinutes() / 60; }
function today() { var d = new Date(); return d.getFullYear() + '-' + ('0' + (d.getMonth() + 1)).slice(-2) + '-' + ('0' + d.getDate()).slice(-2); }
// 0: its hours are now, 1: later today, 2: on another day
function rank(c) {
  if (c.date && c.date > today()) return 2;
  if (c.fromHour === null) return hours() >= 17 || hours() < 6 ? 0 : 1;
  return hours() >= c.fromHour && hours() < c.toHour ? 0 : hours() < c.fromHour ? 1 : 2;
}
function early(c) { return (c.date && c.date > today()) || (c.fromHour !== null && (hours() < c.fromHour - 0.5 || hours() > c.toHour + 0.5)); }
function question(c, x) {
  var key = c.lookId + ' ' + x.id, f = el('fieldset'), l = el('legend'), chip = el('span', '', 'chip'), w = el('span'), three = el('div', '', 'three');
  chip.style.backgroundColor = x.hex; w.appendChild(el('b', x.name)); w.appendChild(el('br')); w.appendChild(el('span', x.says, 'soft'));
  l.appendChild(chip); l.appendChild(w); f.appendChild(l);
  var hint = el('p', '', 'soft'); hint.hidden = true;
  [['works', 'suits'], ['nearly', 'not sure'], ['no', 'does not']].forEach(function (v) {
    var b = el('label', v[1], 'box'), i = document.createElement('input');
    i.type = 'radio'; i.name = key; i.value = v[0]; i.checked = (said[key] || {}).verdict === v[0];
    i.addEventListener('change', function () {
      said[key] = { verdict: v[0], words: (said[key] || {}).words || '', at: now() };
      hint.hidden = !early(c); hint.textContent = 'Kept, and marked: it is not the hour of this look. Look again when it is.';
      keep();
    });
    b.insertBefore(i, b.firstChild); three.appendChild(b);
  });
  f.appendChild(three);
  var a = document.createElement('textarea');
  a.maxLength = data.mostWords; a.placeholder = 'In a line, if you like'; a.setAttribute('aria-label', 'In a line: ' + x.name); a.value = (said[key] || {}).words || '';
  a.addEventListener('input', function () { said[key] = { verdict: (said[key] || {}).verdict, words: a.value, at: (said[key] || {}).at || now() }; keep(); });
  f.appendChild(a); f.appendChild(hint);
  return f;
}
data.cards.slice().sort(function (p, q) { return rank(p) - rank(q) || (p.date || '').localeCompare(q.date || '') || p.number - q.number; }).forEach(function (c) {
  var s = el('section'), h = el('div', '', 'head'), n = el('div', String(c.number), 'n'), t = el('div');
  n.id = 'n' + c.number;
  t.appendChild(el('h2', c.room));
  t.appendChild(el('p', (rank(c) === 0 ? 'Now: ' : '') + c.when.charAt(0).toUpperCase() + c.when.slice(1) + (c.day ? ', from ' + c.day + ' on' : '')));
  h.appendChild(n); h.appendChild(t); s.appendChild(h);
  if (c.colours.length) s.appendChild(el('p', 'Hold each board at ' + c.where + (c.beside ? ', beside ' + c.beside : '') + '.', 'soft'));
  if (c.compares && c.colours.length) s.appendChild(el('p', 'To see: ' + c.compares, 'soft'));
  c.colours.forEach(function (x) { s.appendChild(question(c, x)); });
  if (c.paintFirst.length) s.appendChild(el('p', 'To be painted on a board first: ' + c.paintFirst.join(', ') + '.', 'soft'));
  main.appendChild(s);
});
function button(words, cls, act) { var b = el('button', words, cls); b.type = 'button'; b.addEventListener('click', act); buttons.appendChild(b); }
function save() {
  var link = document.createElement('a');
  link.href = URL.createObjectURL(file()); link.download = 'looks-answered.json'; document.body.appendChild(link); link.click(); link.remove();
}
var canShare = false;
try { canShare = !!navigator.canShare && navigator.canShare({ files: [file()] }); } catch (e) {}
if (canShare) button('Share my answers', '', function () { navigator.share({ files: [file()], title: data.title }).then(wasSent, function () {}); });
if (data.email) button('Mail my answers', 'plain', function () {
  save(); wasSent();
  location.href = 'mailto:' + encodeURIComponent(data.email).replace('%40', '@') + '?subject=' + encodeURIComponent(data.title) +
    '&body=' + encodeURIComponent('My answers are in the file looks-answered.json, attached to this mail.');
});
button('Save my answers as a file', 'plain', function () { save(); wasSent(); });
foot.appendChild(state); foot.appendChild(buttons);
count();
`;
