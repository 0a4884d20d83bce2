// Lets the interface around a proof point into it, and the other way round. It talks to its parent window alone.
(() => {
  const parentOrigin = document.referrer ? new URL(document.referrer).origin : '*';
  const tell = (message) => parent.postMessage({ from: 'venue-proof', ...message }, parentOrigin);
  const sectionOf = (node) => node instanceof Element ? node.closest('[data-s]') : null;
  let lit = null;

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
    if (message.type === 'show') show(message.html);
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
    const top = scrollY;
    document.body.replaceChildren(...next.body.childNodes);
    scrollTo(0, top);
    if (lit) light(lit);
    measure();
  }

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
    const section = sectionOf(event.target);
    const element = event.target instanceof Element ? event.target.closest('[data-e]') : null;
    if (section) tell({ type: 'choose', section: section.dataset.s, element: element?.dataset.e ?? null });
  }, true);
  addEventListener('submit', (event) => event.preventDefault(), true);
  addEventListener('keydown', (event) => {
    if (!event.altKey && !event.ctrlKey && !event.metaKey && event.key.length === 1) tell({ type: 'key', key: event.key });
  });
  addEventListener('load', measure);
  measure();
})();
