import { dialledMetals } from '@lone-heron/core';
import { alarms } from './RigMachine.js';

const style = `
  body { font: 18px/1.4 sans-serif; margin: 1rem auto; max-width: 40rem; padding: 0 1rem; background: #20292e; color: #eef2f3 }
  h1 { font-size: 1.3rem } p { margin: .3rem 0 }
  #light { padding: .6rem 1rem; border-radius: .5rem; background: #38464d; font-weight: 700 }
  #light[data-on="1"] { background: #c43d1f }
  table { width: 100%; border-collapse: collapse } td { padding: .2rem 0; border-bottom: 1px solid #38464d } td:last-child { text-align: right }
  h2 { font-size: 1.1rem; margin: 1rem 0 .2rem } input { font: inherit; width: 5rem; min-height: 3rem; border-radius: .5rem; border: 0; padding: 0 .6rem; background: #51646d; color: inherit }
  button, select { font: inherit; min-height: 3rem; padding: 0 1rem; margin: .2rem .2rem .2rem 0; border-radius: .5rem; border: 0; background: #51646d; color: inherit }
  button[aria-pressed="true"] { background: #2f7d5b }
`;

const script = `
  const at = (id) => document.getElementById(id);
  const runWords = ({ seconds, lengthMm, hasSlipped, back }) => Math.round(lengthMm) + ' mm in ' + seconds.toFixed(1) + ' s; the back: ' + (back ?? 'beyond what is worked out') + (hasSlipped ? '; the hand slipped' : '');
  const show = ({ values, hands, alarm, talk: said, piece, hand, runs }) => {
    for (const [of, name] of [[piece, 'piece'], [hand, 'paced']])
      for (const field of document.querySelectorAll('[data-' + name + ']')) if (field !== document.activeElement) field.value = of[field.dataset[name]];
    for (const button of document.querySelectorAll('[data-slip]')) button.setAttribute('aria-pressed', (hand.slip ?? '') === button.dataset.slip);
    at('runs').replaceChildren(...runs.slice(0, 8).map((run) => Object.assign(document.createElement('li'), { textContent: runWords(run) })));
    talk = said;
    for (const button of document.querySelectorAll('[data-talk]')) button.setAttribute('aria-pressed', said[button.dataset.talk]);
    document.querySelector('[data-clock]').setAttribute('aria-pressed', said.clockAhead !== 0);
    at('light').dataset.on = values.lightOn;
    at('light').textContent = values.lightOn ? 'LIGHT ON' : hands.isReady ? 'armed' : 'no light';
    at('alarm').textContent = alarm === null ? '' : 'Alarm: ' + alarm;
    for (const button of document.querySelectorAll('[data-hand]')) button.setAttribute('aria-pressed', hands[button.dataset.hand]);
    for (const button of document.querySelectorAll('[data-trigger]')) button.setAttribute('aria-pressed', hands.trigger === button.dataset.trigger);
    at('values').replaceChildren(...Object.entries(values).map(([key, value]) => {
      const row = document.createElement('tr');
      row.append(...[key, Math.round(value * 100) / 100].map((text) => Object.assign(document.createElement('td'), { textContent: text })));
      return row;
    }));
    latest = hands;
  };
  let latest = {};
  let talk = {};
  const act = async (deed) => show(await (await fetch('/do', { method: 'POST', headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(deed) })).json());
  document.addEventListener('click', ({ target }) => {
    const { hand, trigger, bottle, skip } = target.dataset;
    if (hand !== undefined) void act({ hands: { [hand]: !latest[hand] } });
    else if (trigger !== undefined) void act({ hands: { trigger } });
    else if (bottle !== undefined) void act({ bottle: Number(bottle) });
    else if (skip !== undefined) void act({ skip: Number(skip) });
    else if ('arm' in target.dataset) void act(latest.isReady ? { hands: { isReady: false } } : { arm: true });
    else if ('slip' in target.dataset) void act({ hand: { slip: target.dataset.slip === '' ? null : target.dataset.slip } });
    else if ('talk' in target.dataset) void act({ talk: { [target.dataset.talk]: !talk[target.dataset.talk] } });
    else if ('clock' in target.dataset) void act({ talk: { clockAhead: talk.clockAhead === 0 ? 3600000 : 0 } });
    else if ('fault' in target.dataset) void act({ alarm: Number(at('fault').value) });
  });
  document.addEventListener('change', ({ target }) => {
    const { piece, paced } = target.dataset;
    const value = target.type === 'number' ? Number(target.value) : target.value;
    if (piece !== undefined) void act({ piece: { [piece]: value } });
    else if (paced !== undefined) void act({ hand: { [paced]: value } });
  });
  const look = async () => show(await (await fetch('/state')).json());
  void look();
  setInterval(look, 1000);
`;

/** The panel of the stand-in: what it shows, and what hands can do at it. Nothing of it is any maker’s. */
export function panelPage(broker: string): string {
  const metals = dialledMetals.map((metal) => `<option>${metal}</option>`).join('');
  const faults = Object.entries(alarms)
    .map(([code, said]) => `<option value="${code}">${code}: ${said}</option>`)
    .join('');
  return `<!doctype html>
<html lang="en">
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>The stand-in</title>
<style>${style}</style>
<h1>The stand-in: a machine that is none</h1>
<p id="light">no light</p>
<p id="alarm"></p>
<p>
  <button data-hand="keyOn">Key</button><button data-hand="interlocksClosed">Interlocks closed</button>
  <button data-hand="workClamped">Work clamp</button><button data-hand="takesRemote">Takes the wire</button>
  <button data-arm>Arm</button>
</p>
<p>
  Trigger <button data-trigger="released">released</button><button data-trigger="gas">gas</button><button data-trigger="light">light</button>
</p>
<p>
  <select id="fault" aria-label="Fault to put in"><option value="0">no alarm</option>${faults}</select>
  <button data-fault>Put in</button><button data-bottle="2000">New bottle</button><button data-bottle="0">Empty bottle</button>
  <button data-skip="60">A minute on</button>
</p>
<p>
  <button data-talk="isSilent">Say nothing</button><button data-talk="isGarbled">Say it garbled</button><button data-clock>Its clock an hour ahead</button>
</p>
<h2>On the bench</h2>
<p>
  <select data-piece="metal" aria-label="Metal">${metals}</select>
  <input data-piece="thicknessMm" type="number" step="0.1" aria-label="Thickness, mm"> mm, a butt, welded at
  <input data-paced="paceMmS" type="number" step="0.5" aria-label="Pace of the hand, mm/s"> mm/s
</p>
<p>
  The hand <button data-slip="">is steady</button><button data-slip="paused">pauses</button><button data-slip="lifted">lifts off</button>
</p>
<ol id="runs"></ol>
<h2>What it says</h2>
<p>Maps: <a href="/map.json">registers</a>, <a href="/topics.json">topics</a>. ${saysTo(broker)}</p>
<table><tbody id="values"></tbody></table>
<script>${script}</script>
</html>
`;
}

/** Where it says how it stands; its password is no secret, for it is no machine. */
function saysTo(broker: string): string {
  if (broker === '') return 'It says it to nobody: RIG_BROKER names a broker.';
  const { host, username, password } = new URL(broker);
  return `It says it to the broker at ${host}, as user <code>${username}</code> with the password <code>${password}</code>.`;
}
