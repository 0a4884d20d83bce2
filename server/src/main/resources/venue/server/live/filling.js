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
    fit(form);
    form.addEventListener('input', () => fit(form));
    form.querySelectorAll('input[type=number][step="1"]').forEach(step);
    form.querySelectorAll('.days').forEach(range);
    form.addEventListener('submit', (event) => {
      event.preventDefault();
      void send(filling, form);
    });
  };
  const put = (filling, html) => {
    const page = new DOMParser().parseFromString(html, 'text/html');
    const next = page.getElementById(filling.id);
    if (!next) return false;
    filling.replaceWith(next);
    begin(next);
    const told = next.querySelector('.wrongs, .thanks') ?? next;
    told.focus({ preventScroll: true });
    told.scrollIntoView({ block: 'center' });
    return true;
  };
  async function send(filling, form) {
    if (form.dataset.sending) return;
    form.dataset.sending = 'yes';
    form.setAttribute('aria-busy', 'true');
    try {
      const answer = await fetch(form.action, { method: 'POST', body: new URLSearchParams(new FormData(form)) });
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
      // The connection is gone, or it leads to another host: the browser says so, or goes there.
      form.submit();
    } finally {
      delete form.dataset.sending;
      form.removeAttribute('aria-busy');
    }
  }
  document.querySelectorAll('.filling').forEach(begin);
})();
