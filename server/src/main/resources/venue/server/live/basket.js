// Takes things along without leaving the page, says how many were, and opens the basket beside the page. Without it the page comes anew.
(() => {
  const BASKET = '/-/basket';
  const tools = document.querySelectorAll('[data-basket]');
  /** How many things the cookie holds: each line says it behind its id. */
  const many = () => {
    // A proof is sealed off: nothing is kept there.
    if (window.origin === 'null') return 0;
    const kept = document.cookie.match(/(?:^|; )(?:__Host-)?venue-basket=([^;]*)/)?.[1] ?? '';
    return kept
      .split('~')
      .map((line) => Number(line.split('+')[1]) || 0)
      .reduce((sum, n) => sum + n, 0);
  };
  const count = () => {
    const n = many();
    for (const tool of tools) {
      const told = tool.querySelector('b') ?? tool.appendChild(document.createElement('b'));
      told.textContent = n;
      told.hidden = n === 0;
    }
  };
  /** What only helps where no script does it by itself. */
  const spare = () => document.querySelectorAll('.filling p.count, .basket .see').forEach((p) => (p.hidden = true));
  const styled = (href) => {
    if (!document.querySelector(`link[href="${href}"]`)) document.head.append(Object.assign(document.createElement('link'), { rel: 'stylesheet', href }));
  };
  const read = async (answer) => new DOMParser().parseFromString(await answer.text(), 'text/html');
  const opens = [...tools].some((t) => t.dataset.basket === 'sheet') && tools[0];

  /** What an order form says of the basket, with a form of its own around it that only counts. */
  const lines = (page) => {
    const basket = page.querySelector('.filling :is(.basket.empty, fieldset:has(> .taken))');
    const from = page.querySelector('.filling form:has(.taken)');
    if (!basket || !from) return basket;
    const form = document.createElement('form');
    form.method = 'post';
    form.action = from.getAttribute('action');
    form.append(from.querySelector('[name="-form"]').cloneNode(), basket);
    return form;
  };
  let sheet;
  const show = (page) => {
    const within = lines(page);
    if (!within) return location.assign(BASKET);
    const words = within.querySelector('[data-order]')?.dataset ?? within.dataset;
    styled('/-/forms.css');
    sheet ??= document.body.appendChild(Object.assign(document.createElement('dialog'), { className: 'basket-sheet filling' }));
    const head = document.createElement('p');
    head.className = 'head';
    const title = Object.assign(document.createElement('b'), { textContent: tools[0].firstChild.textContent.trim() });
    const close = Object.assign(document.createElement('button'), { type: 'button', className: 'button', textContent: words.close });
    close.addEventListener('click', () => sheet.close());
    head.append(title, close);
    const on = Object.assign(document.createElement('a'), { href: BASKET, className: 'button strong', textContent: words.order });
    sheet.setAttribute('aria-label', title.textContent);
    sheet.replaceChildren(head, within, ...(within.matches('form') ? [on] : []));
    if (!sheet.open) sheet.showModal();
    spare();
  };
  const open = async () => show(await read(await fetch(BASKET)));
  for (const tool of tools) {
    tool.addEventListener('click', (event) => {
      if (tool.dataset.basket !== 'sheet' || event.ctrlKey || event.metaKey || event.shiftKey) return;
      event.preventDefault();
      open().catch(() => location.assign(BASKET));
    });
  }

  /** Put anew where it stands: the sum and the lines, and nothing that was typed around them. */
  const renew = async (form, button) => {
    const body = new URLSearchParams([...new FormData(form)].filter(([, v]) => typeof v === 'string'));
    body.set('-go', button?.value ?? 'count');
    const page = await read(await fetch(form.action, { method: 'POST', body }));
    count();
    if (sheet?.contains(form)) return show(page);
    const next = lines(page);
    if (!next?.matches('form')) return location.assign(BASKET);
    const at = document.activeElement?.getAttribute('aria-label');
    form.querySelector('fieldset:has(> .taken)').replaceWith(next.querySelector('fieldset'));
    spare();
    form.querySelector(`[aria-label="${CSS.escape(at ?? '')}"]`)?.focus();
  };
  const again = (form, button) => renew(form, button).catch(() => form.submit());
  addEventListener('change', (event) => {
    const form = event.target.closest?.('.taken') && event.target.form;
    if (form) void again(form);
  });
  const take = async (form) => {
    const button = form.querySelector('button');
    button.disabled = true;
    const answer = await fetch(form.action, { method: 'POST', body: new URLSearchParams(new FormData(form)) });
    count();
    button.disabled = false;
    // What is wrong is told by the answer: where nothing here can show it, the browser asks once more and shows the page.
    if (opens && !form.closest('.basket')) return show(await read(answer));
    if (!answer.ok) return form.submit();
    if (!tools.length || form.closest('.basket')) return location.assign(BASKET);
    const words = button.textContent;
    button.setAttribute('aria-live', 'polite');
    button.textContent = button.dataset.taken;
    setTimeout(() => (button.textContent = words), 2500);
  };
  // Before what else sends a form without leaving the page.
  addEventListener(
    'submit',
    (event) => {
      const form = event.target;
      const counts = event.submitter?.name === '-go' && /^(count|out )/.test(event.submitter.value) && event.submitter;
      if (!form.matches('.take') && !counts) return;
      event.preventDefault();
      event.stopPropagation();
      if (counts) again(form, counts);
      else take(form).catch(() => form.submit());
    },
    true,
  );
  // The page was written for everybody: whoever has something in it gets it as it is.
  if (document.querySelector('.filling .basket.empty') && many() && location.pathname !== BASKET) location.replace(BASKET);
  addEventListener('pageshow', count);
  styled('/-/basket.css');
  count();
  spare();
})();
