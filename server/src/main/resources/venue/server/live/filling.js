// Sends a form without leaving the page, shows what another answer asks for, and steps numbers. Without it the page comes anew.
(() => {
  const STEPS = [
    ['−', -1],
    ['+', 1],
  ];
  const says = (form, name, words) => {
    const told = [...form.querySelectorAll(`[name="${CSS.escape(name)}"], [name^="${CSS.escape(name)}."]`)].flatMap((c) =>
      c.type === 'radio' || c.type === 'checkbox' ? (c.checked ? [c.value, c.closest('label')?.textContent.trim()] : []) : [c.value],
    );
    const plain = (s) => String(s ?? '').trim().toLowerCase();
    return words ? told.some((t) => plain(t) === plain(words)) : told.some((t) => plain(t));
  };
  /** What another answer doesn't ask for is hidden, and sends nothing. */
  const fit = (form) => {
    for (const field of form.querySelectorAll('[data-when]')) {
      const other = form.querySelector(`[name="${CSS.escape(field.dataset.when)}"]`);
      const shown = !other || (!other.closest('[data-when]')?.hidden && says(form, field.dataset.when, field.dataset.says));
      field.hidden = !shown;
      for (const control of field.querySelectorAll('input, select, textarea')) control.disabled = !shown;
    }
  };
  /** The button says for how many it is. */
  const count = (form) => {
    for (const button of form.querySelectorAll('[data-many]')) {
      const many = Number(form.querySelector(`[name="${CSS.escape(button.dataset.of)}"]`)?.value);
      button.textContent = many > 1 ? button.dataset.many.replaceAll('#', many) : button.dataset.one;
    }
  };
  const step = (input) => {
    const row = document.createElement('div');
    row.className = 'stepped';
    input.before(row);
    const buttons = STEPS.map(([sign, by]) => {
      const button = document.createElement('button');
      button.type = 'button';
      button.textContent = sign;
      button.tabIndex = -1;
      button.setAttribute('aria-hidden', 'true');
      button.addEventListener('click', () => {
        if (input.value === '') input.value = input.min || '0';
        else by > 0 ? input.stepUp() : input.stepDown();
        input.dispatchEvent(new Event('input', { bubbles: true }));
      });
      return button;
    });
    row.append(buttons[0], input, buttons[1]);
  };
  /** Two days: the last doesn't come before the first. */
  const range = (days) => {
    const [first, last] = days.querySelectorAll('input');
    const least = last.min;
    first.addEventListener('change', () => (last.min = first.value > least ? first.value : least));
  };
  const begin = (filling) => {
    const form = filling.querySelector('form');
    if (!form) return;
    const typed = () => [fit, count].forEach((look) => look(form));
    typed();
    form.addEventListener('input', typed);
    form.querySelectorAll('input[type=number][step="1"]').forEach(step);
    form.querySelectorAll('.days').forEach(range);
    const work = form.querySelector('[name="-work"]');
    const done = work && once(() => worked(form));
    form.addEventListener('focusin', () => void done?.());
    form.addEventListener('submit', (event) => {
      event.preventDefault();
      void send(filling, form, event.submitter, done);
    });
  };
  const put = (filling, html) => {
    const page = new DOMParser().parseFromString(html, 'text/html');
    const next = page.getElementById(filling.id);
    if (!next) return false;
    const said = filling.closest('.comments');
    const now = next.closest('.comments');
    if (said && now) said.replaceWith(now);
    else filling.replaceWith(next);
    begin(next);
    const told = next.querySelector('.wrongs, .thanks, .steps') ?? next;
    told.focus({ preventScroll: true });
    told.scrollIntoView({ block: 'center' });
    return true;
  };
  const once = (task) => {
    let going;
    return () => (going ??= task());
  };
  /** What the button that was pressed says goes along, however it is sent. */
  const pressed = (form, button) => {
    form.querySelector('input[data-pressed]')?.remove();
    if (!button?.name) return;
    const said = document.createElement('input');
    said.type = 'hidden';
    said.dataset.pressed = 'yes';
    said.name = button.name;
    said.value = button.value;
    form.append(said);
  };
  /** What was written stays where it is. */
  const lost = (filling, form) => {
    filling.querySelector('.wrongs')?.remove();
    const told = document.createElement('div');
    told.className = 'wrongs';
    told.setAttribute('role', 'alert');
    told.tabIndex = -1;
    told.append(Object.assign(document.createElement('p'), { textContent: form.dataset.lost }));
    form.before(told);
    told.focus();
  };
  async function send(filling, form, button, done) {
    if (form.dataset.sending) return;
    form.dataset.sending = 'yes';
    form.setAttribute('aria-busy', 'true');
    try {
      await done?.();
      pressed(form, button);
      const all = new FormData(form);
      const body = form.enctype === 'multipart/form-data' ? all : new URLSearchParams(all);
      const answer = await fetch(form.action, { method: 'POST', body });
      const here = new URL(location.href);
      const there = new URL(answer.url);
      const stays = there.origin === here.origin && there.pathname === here.pathname;
      if (!stays) return location.assign(answer.url);
      if (put(filling, await answer.text())) {
        if (answer.redirected) history.replaceState(null, '', answer.url);
        return;
      }
      form.submit();
    } catch {
      // Where this page can still be asked for, it leads to another host: the browser goes there.
      if (await fetch(form.action, { method: 'HEAD', cache: 'no-store' }).catch(() => null)) return form.submit();
      lost(filling, form);
    } finally {
      delete form.dataset.sending;
      form.removeAttribute('aria-busy');
    }
  }
  // A little work, where a form asks for it: the hash (SHA-256) of some words and a number begins with so many zero bits. Pages may be
  // read without TLS, where browsers have no hash of their own.
  const root = (n, power) => Math.floor((n ** (1 / power) % 1) * 2 ** 32) | 0;
  const primes = [];
  for (let n = 2; primes.length < 64; n++) if (primes.every((p) => n % p)) primes.push(n);
  const CUBES = primes.map((p) => root(p, 3));
  const SQUARES = primes.slice(0, 8).map((p) => root(p, 2));
  const turn = (x, by) => (x >>> by) | (x << (32 - by));
  const block = (state, words) => {
    const w = words.slice();
    for (let i = 16; i < 64; i++) {
      const a = w[i - 15];
      const b = w[i - 2];
      w[i] = (w[i - 16] + (turn(a, 7) ^ turn(a, 18) ^ (a >>> 3)) + w[i - 7] + (turn(b, 17) ^ turn(b, 19) ^ (b >>> 10))) | 0;
    }
    let [a, b, c, d, e, f, g, h] = state;
    for (let i = 0; i < 64; i++) {
      const one = (h + (turn(e, 6) ^ turn(e, 11) ^ turn(e, 25)) + ((e & f) ^ (~e & g)) + CUBES[i] + w[i]) | 0;
      const two = ((turn(a, 2) ^ turn(a, 13) ^ turn(a, 22)) + ((a & b) ^ (a & c) ^ (b & c))) | 0;
      [h, g, f, e, d, c, b, a] = [g, f, e, (d + one) | 0, c, b, a, (one + two) | 0];
    }
    return [a, b, c, d, e, f, g, h].map((x, i) => (x + state[i]) | 0);
  };
  const firstOf = (bytes) => {
    const padded = new Uint8Array(((bytes.length + 72) >> 6) << 6);
    padded.set(bytes);
    padded[bytes.length] = 128;
    const view = new DataView(padded.buffer);
    view.setUint32(padded.length - 4, bytes.length * 8);
    let state = SQUARES;
    for (let at = 0; at < padded.length; at += 64) {
      state = block(state, Array.from({ length: 16 }, (_, i) => view.getInt32(at + 4 * i)));
    }
    return state[0];
  };
  async function worked(form) {
    const words = `${form.querySelector('[name="-stamp"]').value} ${form.querySelector('[name="-form"]').value} `;
    const coder = new TextEncoder();
    for (let number = 0; ; number++) {
      if (Math.clz32(firstOf(coder.encode(words + number))) >= Number(form.dataset.work)) {
        form.querySelector('[name="-work"]').value = number;
        return;
      }
      // The page is read meanwhile.
      if (number % 500 === 0) await new Promise((on) => setTimeout(on));
    }
  }
  document.querySelectorAll('.filling').forEach(begin);
})();
