// Lets the interface around a proof point into it, and the other way round. It talks to its parent window alone.
(() => {
  const parentOrigin = document.referrer ? new URL(document.referrer).origin : '*';
  const tell = (message) => parent.postMessage({ from: 'venue-proof', ...message }, parentOrigin);
  const sectionOf = (node) => node instanceof Element ? node.closest('[data-s]') : null;
  let lit = null;
  // Sections that differ from those of another version.
  let differing = [];
  // Where somebody writes in the proof, and by what. What comes to be shown meanwhile, or while the pointer is down, waits: swapping
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
  const differ = () => {
    for (const node of document.querySelectorAll('[data-s]')) node.classList.toggle('venue-differs', differing.includes(node.dataset.s));
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
    if (message.type === 'style') wear(message);
    if (message.type === 'write') write(message);
    if (message.type === 'light') light(message.section);
    if (message.type === 'differ') {
      differing = message.sections;
      differ();
    }
    if (message.type === 'reveal') light(message.section)?.scrollIntoView({ block: 'nearest', behavior: 'smooth' });
    if (message.type === 'scroll') scrollTo(0, message.top);
    if (message.type === 'blocks') tell({ type: 'blocks', blocks: blocks() });
  });

  // The parts of the page as they are drawn: its head and foot, and what stands in its zones.
  const WORDS = 60;
  const blocks = () =>
    [...document.querySelectorAll('body > :not(main, script), main > *, main > * > *')].map((node) => {
      const box = node.getBoundingClientRect();
      return {
        sort: `${node.tagName}.${node.className}`.replace(/ ?venue-\S+/g, ''),
        words: node.textContent.trim().slice(0, WORDS),
        top: Math.round(box.top + scrollY),
        left: Math.round(box.left),
        width: Math.round(box.width),
      };
    });
  // Whoever is walked through leads; what is only scrolled along says nothing.
  addEventListener('scroll', () => {
    if (root.matches(':hover') || document.hasFocus()) tell({ type: 'scrolled', top: scrollY });
  });

  // A look that is being changed comes by itself, before the markup: properties are swapped in place.
  function wear(look) {
    for (const part of ['css', 'tokens']) {
      if (look[part] === undefined) continue;
      const id = `venue-${part}`;
      const worn = document.getElementById(id) ?? document.head.appendChild(Object.assign(document.createElement('style'), { id }));
      worn.textContent = look[part];
    }
  }

  // What stands here as it was given: what comes next is compared with that, and only what differs is set. Nothing where somebody
  // has written into it since.
  let stood = document.body.cloneNode(true);
  function carry(live, was, is) {
    if (was.isEqualNode(is)) return;
    if ([live, was, is].every((node) => node.nodeType === Node.TEXT_NODE)) return void (live.data = is.data);
    const many = is.childNodes.length;
    const element = was.nodeType === Node.ELEMENT_NODE && was.nodeName === is.nodeName && live.nodeName === is.nodeName;
    if (!element || was.childNodes.length !== many || live.childNodes.length !== many) {
      if (live !== document.body) return void live.replaceWith(document.importNode(is, true));
      const top = scrollY;
      live.replaceChildren(...document.importNode(is, true).childNodes);
      return void scrollTo(0, top);
    }
    for (const { name } of was.attributes) if (!is.hasAttribute(name)) live.removeAttribute(name);
    for (const { name, value } of is.attributes) if (was.getAttribute(name) !== value) live.setAttribute(name, value);
    for (let i = 0; i < many; i++) carry(live.childNodes[i], was.childNodes[i], is.childNodes[i]);
  }
  function put(body) {
    carry(document.body, stood ?? document.createElement('body'), body);
    stood = body;
  }

  function show(html) {
    const next = new DOMParser().parseFromString(html, 'text/html');
    const style = (doc) => doc.querySelector('link[rel=stylesheet]');
    if (style(next)?.getAttribute('href') !== style(document)?.getAttribute('href')) {
      style(document)?.setAttribute('href', style(next)?.getAttribute('href') ?? '');
    }
    const worn = document.querySelector('head > style:not([id])');
    const own = next.querySelector('head > style');
    if (worn?.textContent !== own?.textContent) {
      worn?.remove();
      if (own) document.head.append(own);
    }
    // Set only where it is another: every style of the document is worked out anew.
    for (const key of ['lang', 'dir']) if (root[key] !== next.documentElement[key]) root[key] = next.documentElement[key];
    put(next.body);
    if (lit) light(lit);
    differ();
    measure();
  }

  // Formatted text is written by the galley's editor, which is fetched when somebody is about to.
  let fetched = null;
  const writer = () =>
    (fetched ??= new Promise((done, failed) => {
      const script = Object.assign(document.createElement('script'), { src: '/-/proof-writer.js' });
      script.onload = () => done(window.venueWriting.openWriter);
      script.onerror = () => {
        fetched = null;
        script.remove();
        failed(new Error('the editor could not be fetched'));
      };
      document.head.append(script);
    }));

  // The parent gives the words as they were written, with links to pages rather than to addresses.
  let asked = 0;
  async function write({ section, element, key, value, x, y }) {
    const mine = ++asked;
    const find = () =>
      document.querySelector(
        `[data-s="${CSS.escape(section)}"] [data-e="${CSS.escape(element)}"][data-w="${CSS.escape(key)}"],` +
          `[data-s="${CSS.escape(section)}"] [data-e="${CSS.escape(element)}"] [data-w="${CSS.escape(key)}"]`,
      );
    const rich = find()?.dataset.rich !== undefined;
    // Without the editor the words are still written in the galley.
    const open = rich ? await writer().catch(() => null) : plain;
    const node = find();
    if (mine !== asked || !node || writing?.node === node) return;
    leave();
    if (!open) return tell({ type: 'choose', section, element, key: null });
    node.dataset.prompt = node.querySelector('mark.to-fill')?.textContent ?? '';
    writing = { node, rich, editor: open(node, value, wrote) };
    node.classList.add('venue-written');
    node.focus({ preventScroll: true });
    if (x !== undefined) writing.editor.pointTo(x, y);
    empty();
  }
  function plain(node, value) {
    node.textContent = value;
    node.contentEditable = 'plaintext-only';
    return {
      pointTo(x, y) {
        const at = document.caretRangeFromPoint(x, y);
        if (!at || !node.contains(at.startContainer)) return;
        getSelection().removeAllRanges();
        getSelection().addRange(at);
      },
      words: () => (node.textContent.trim() ? node.textContent : ''),
      end: () => node.removeAttribute('contenteditable'),
    };
  }
  const empty = () => writing.node.classList.toggle('venue-empty', !writing.editor.words());
  function wrote() {
    if (!writing) return;
    empty();
    tell({ type: 'wrote', ...place(writing.node), value: writing.editor.words() });
  }
  function leave() {
    if (!writing) return;
    const { node, editor } = writing;
    writing = null;
    editor.end();
    stood = null;
    node.classList.remove('venue-written', 'venue-empty');
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
    if (writing && !writing.rich) wrote();
  });
  addEventListener('focusout', (event) => {
    if (event.target === writing?.node) leave();
  });
  addEventListener('pointerover', (event) => {
    if (event.target instanceof Element && event.target.closest('[data-rich]')) writer().catch(() => {});
  });
  addEventListener('keydown', (event) => {
    if (!writing) return;
    if (event.key === 'Escape' || (event.key === 'Enter' && !writing.rich)) {
      event.preventDefault();
      writing.node.blur();
    } else if (event.key === 'Tab' && !event.defaultPrevented) {
      const all = [...document.querySelectorAll('[data-w]')].filter((n) => n === writing.node || n.querySelector('mark.to-fill'));
      const next = all[all.indexOf(writing.node) + (event.shiftKey ? -1 : 1)];
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
  // A form of visitors' can be filled in here, and held against what it asks for; nothing of it is sent.
  const isFilled = (node) => node instanceof Element && !!node.closest('.filling :is(input, select, textarea, label)');
  const TRIED = 'All is filled in as it should be. Nothing is sent from a proof.';
  const tryOut = (form) => {
    if (!form.closest('.filling')) return;
    form.querySelector('.venue-tried')?.remove();
    if (!form.reportValidity()) return;
    const told = form.appendChild(Object.assign(document.createElement('p'), { className: 'venue-tried thanks', textContent: TRIED }));
    told.setAttribute('role', 'status');
  };
  addEventListener('click', (event) => {
    const inside = event.target instanceof Element && (event.target.closest('summary, button') || isFilled(event.target));
    if (!inside) event.preventDefault();
    if (writing?.node.contains(event.target)) return;
    const section = sectionOf(event.target);
    const written = event.target instanceof Element ? event.target.closest('[data-w]') : null;
    const element = event.target instanceof Element ? event.target.closest('[data-e]') : null;
    const at = root.classList.contains('venue-no-marks') ? {} : { x: event.clientX, y: event.clientY };
    if (written && section) tell({ type: 'choose', ...place(written), ...at });
    else if (section) tell({ type: 'choose', section: section.dataset.s, element: element?.dataset.e ?? null });
  }, true);
  addEventListener(
    'submit',
    (event) => {
      event.preventDefault();
      tryOut(event.target);
    },
    true,
  );
  addEventListener('keydown', (event) => {
    if (!writing && !isFilled(event.target) && !event.altKey && !event.ctrlKey && !event.metaKey && event.key.length === 1) tell({ type: 'key', key: event.key });
  });
  addEventListener('load', measure);
  measure();
})();
