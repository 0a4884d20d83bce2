// Lets the interface around a proof point into it, and the other way round. It talks to its parent window alone.
(() => {
  const parentOrigin = document.referrer ? new URL(document.referrer).origin : '*';
  const tell = (message) => parent.postMessage({ from: 'venue-proof', ...message }, parentOrigin);
  const sectionOf = (node) => node instanceof Element ? node.closest('[data-s]') : null;
  let lit = null;
  // Where somebody writes in the proof. What comes to be shown meanwhile, or while the pointer is down, waits: swapping
  // the page under it would lose the words or the click.
  let writing = null;
  let pressed = false;
  let waiting = null;
  const PRESS_MS = 50;
  const place = (node) => ({
    section: sectionOf(node)?.dataset.s ?? null,
    element: node.closest('[data-e]')?.dataset.e ?? null,
    key: node.dataset.w,
  });

  const light = (id) => {
    document.querySelectorAll('.venue-lit').forEach((n) => n.classList.remove('venue-lit'));
    const node = id ? document.querySelector(`[data-s="${CSS.escape(id)}"]`) : null;
    if (node) node.classList.add('venue-lit');
    return node;
  };
  const root = document.documentElement;
  const height = () =>
    root.classList.contains('venue-drawing')
      ? Math.ceil(document.getElementById('main').getBoundingClientRect().height)
      : root.scrollHeight;
  const measure = () => tell({ type: 'size', height: height() });

  addEventListener('message', (event) => {
    if (event.source !== parent || (parentOrigin !== '*' && event.origin !== parentOrigin)) return;
    const message = event.data ?? {};
    if (message.type === 'show') {
      waiting = message.html;
      showWaiting();
    }
    if (message.type === 'write') write(message);
    if (message.type === 'light') light(message.section);
    if (message.type === 'reveal') light(message.section)?.scrollIntoView({ block: 'nearest', behavior: 'smooth' });
    if (message.type === 'scroll') scrollTo(0, message.top);
    if (message.type === 'marks') document.documentElement.classList.toggle('venue-no-marks', !message.on);
  });

  function show(html) {
    const next = new DOMParser().parseFromString(html, 'text/html');
    const style = (doc) => doc.querySelector('link[rel=stylesheet]');
    if (style(next)?.getAttribute('href') !== style(document)?.getAttribute('href')) {
      style(document)?.setAttribute('href', style(next)?.getAttribute('href') ?? '');
    }
    document.querySelector('head > style')?.remove();
    const own = next.querySelector('head > style');
    if (own) document.head.append(own);
    root.lang = next.documentElement.lang;
    root.dir = next.documentElement.dir;
    const top = scrollY;
    document.body.replaceChildren(...next.body.childNodes);
    scrollTo(0, top);
    if (lit) light(lit);
    measure();
  }

  // The parent gives the words as they were written, with links to pages rather than to addresses.
  function write({ section, element, key, value, x, y }) {
    const node = document.querySelector(
      `[data-s="${CSS.escape(section)}"] [data-e="${CSS.escape(element)}"][data-w="${CSS.escape(key)}"],` +
        `[data-s="${CSS.escape(section)}"] [data-e="${CSS.escape(element)}"] [data-w="${CSS.escape(key)}"]`,
    );
    if (!node || writing === node) return;
    leave();
    writing = node;
    const rich = 'rich' in node.dataset;
    node.dataset.prompt = node.querySelector('mark.to-fill')?.textContent ?? '';
    if (rich) node.innerHTML = new DOMParser().parseFromString(value, 'text/html').body.innerHTML;
    else node.textContent = value;
    if (rich && !value) node.innerHTML = '<p><br></p>';
    node.contentEditable = rich ? 'true' : 'plaintext-only';
    node.classList.add('venue-written');
    node.focus({ preventScroll: true });
    const at = x === undefined ? null : document.caretRangeFromPoint(x, y);
    if (at && node.contains(at.startContainer)) {
      getSelection().removeAllRanges();
      getSelection().addRange(at);
    }
    document.execCommand('defaultParagraphSeparator', false, 'p');
    empty();
  }
  const words = (node) => (node.textContent.trim() ? ('rich' in node.dataset ? node.innerHTML : node.textContent) : '');
  const empty = () => writing.classList.toggle('venue-empty', !writing.textContent.trim());
  function leave() {
    if (!writing) return;
    writing.contentEditable = 'false';
    writing.classList.remove('venue-written', 'venue-empty');
    writing = null;
    tell({ type: 'left' });
    showWaiting();
  }
  function showWaiting() {
    if (waiting === null || writing || pressed) return;
    show(waiting);
    waiting = null;
  }
  addEventListener('pointerdown', () => (pressed = true), true);
  for (const end of ['pointerup', 'pointercancel']) {
    addEventListener(end, () => setTimeout(() => {
      pressed = false;
      showWaiting();
    }, PRESS_MS), true);
  }
  addEventListener('input', () => {
    if (!writing) return;
    empty();
    tell({ type: 'wrote', ...place(writing), value: words(writing) });
  });
  addEventListener('focusout', (event) => {
    if (writing && event.target === writing) leave();
  });
  addEventListener('paste', (event) => {
    if (!writing) return;
    event.preventDefault();
    document.execCommand('insertText', false, event.clipboardData?.getData('text/plain') ?? '');
  });
  addEventListener('keydown', (event) => {
    if (!writing) return;
    const plain = !('rich' in writing.dataset);
    if (event.key === 'Escape' || (event.key === 'Enter' && plain)) {
      event.preventDefault();
      writing.blur();
    } else if (event.key === 'Tab') {
      const all = [...document.querySelectorAll('[data-w]')].filter((n) => n === writing || n.querySelector('mark.to-fill'));
      const next = all[all.indexOf(writing) + (event.shiftKey ? -1 : 1)];
      if (!next) return;
      event.preventDefault();
      const to = place(next);
      leave();
      tell({ type: 'choose', ...to });
    }
  });

  addEventListener('mouseover', (event) => {
    const id = sectionOf(event.target)?.dataset.s ?? null;
    if (id !== lit) {
      lit = id;
      light(id);
      tell({ type: 'point', section: id });
    }
  });
  document.documentElement.addEventListener('mouseleave', () => {
    lit = null;
    light(null);
    tell({ type: 'point', section: null });
  });
  addEventListener('click', (event) => {
    const inside = event.target instanceof Element && event.target.closest('summary, button');
    if (!inside) event.preventDefault();
    if (writing?.contains(event.target)) return;
    const section = sectionOf(event.target);
    const written = event.target instanceof Element ? event.target.closest('[data-w]') : null;
    const element = event.target instanceof Element ? event.target.closest('[data-e]') : null;
    const at = root.classList.contains('venue-no-marks') ? {} : { x: event.clientX, y: event.clientY };
    if (written && section) tell({ type: 'choose', ...place(written), ...at });
    else if (section) tell({ type: 'choose', section: section.dataset.s, element: element?.dataset.e ?? null });
  }, true);
  addEventListener('submit', (event) => event.preventDefault(), true);
  addEventListener('keydown', (event) => {
    if (!writing && !event.altKey && !event.ctrlKey && !event.metaKey && event.key.length === 1) tell({ type: 'key', key: event.key });
  });
  addEventListener('load', measure);
  measure();
})();
