// Draws many parts of a site in one document: each in a shadow tree of its own, in the stylesheet of its look, as wide as it is told
// and as small as its place. It is told what to draw by its parent window alone, and runs nothing of what it is given.
(() => {
  const parentOrigin = document.referrer ? new URL(document.referrer).origin : '*';
  const tell = (message) => parent.postMessage({ from: 'venue-drawings', ...message }, parentOrigin);
  // What "vh" comes to: the window that a drawing is made for is 800 px high.
  const HIGH = 800;

  const ours = new CSSStyleSheet();
  ours.replaceSync(`
    :root{background:none!important;margin:0!important;padding:0!important;min-height:0!important}
    body{all:unset;display:block}
    .place{position:absolute;overflow:hidden;content-visibility:auto}
    .page{position:relative;transform-origin:0 0;container:drawing/inline-size;font:16px sans-serif}
    .away{content-visibility:hidden;opacity:0}
  `);
  document.adoptedStyleSheets = [ours];

  // In a shadow tree there is no root, and a window is as wide as the drawing: rules that ask for either ask the drawing.
  const inShadow = (css) =>
    css
      .replace(/@media ([^{]*width[^{]*)\{/g, (_, query) => `@container drawing ${query.replace(/(?:only )?screen and /g, '')}{`)
      .replaceAll(':root', 'html')
      .replace(/(-?(?:\d+\.?\d*|\.\d+))rem\b/g, 'calc($1*var(--drawing-rem))')
      .replace(/(-?(?:\d+\.?\d*|\.\d+))vw\b/g, 'calc($1*var(--drawing-vw))')
      .replace(/(-?(?:\d+\.?\d*|\.\d+))[dsl]?vh\b/g, `calc($1*${HIGH / 100}px)`);
  const sheetOf = (css) => {
    const sheet = new CSSStyleSheet();
    sheet.replaceSync(inShadow(css));
    return sheet;
  };
  const made = new Map();
  const kept = (css) => made.get(css) ?? made.set(css, sheetOf(css)).get(css);

  const rulesOf = (link) => [...link.sheet.cssRules];
  const isFace = (rule) => rule instanceof CSSFontFaceRule;
  const text = (rules) => rules.map((rule) => rule.cssText).join('\n');
  const [ourProofs, worn] = document.querySelectorAll('link');
  const proofs = sheetOf(text(rulesOf(ourProofs)));
  ourProofs.remove();

  // Each look's stylesheet is fetched once; its typefaces are the document's, all else is only for what wears it.
  const looks = new Map();
  function taken(link) {
    const rules = rulesOf(link);
    const faces = document.createElement('style');
    faces.textContent = text(rules.filter(isFace));
    link.replaceWith(faces);
    return sheetOf(text(rules.filter((rule) => !isFace(rule))));
  }
  function look(href) {
    if (!looks.has(href)) {
      const link = Object.assign(document.createElement('link'), { rel: 'stylesheet', crossOrigin: 'anonymous', href });
      const loaded = new Promise((done, failed) => {
        link.onload = done;
        link.onerror = failed;
      });
      // A look that was changed meanwhile has no stylesheet any more: what wears the new one is on its way.
      const given = loaded.then(() => taken(link)).catch(() => (link.remove(), looks.delete(href), null));
      looks.set(href, given);
      document.head.append(link);
    }
    return looks.get(href);
  }
  if (worn) looks.set(worn.getAttribute('href'), Promise.resolve(taken(worn)));

  const markup = new Map();
  const documents = new Map();
  const read = (of) => documents.get(of) ?? documents.set(of, parsed(markup.get(of))).get(of);
  function parsed(html) {
    const doc = new DOMParser().parseFromString(html, 'text/html');
    doc.querySelectorAll('script, base, meta, iframe').forEach((node) => node.remove());
    const own = doc.querySelector('head > style')?.textContent;
    return { doc, look: look(doc.querySelector('link[rel=stylesheet]')?.getAttribute('href') ?? ''), own: own ? kept(own) : null };
  }

  // What is being tried of the look, over everything that is drawn.
  const NOTHING = [];
  let tried = NOTHING;
  let down = 0;
  const drawn = new Map();
  const like = (node, name) => {
    const copy = document.createElement(name);
    for (const { name: key, value } of node.attributes) copy.setAttribute(key, value);
    return copy;
  };

  // A drawing that is lower than its place stands in its middle. How high it is, is heard of: asking would lay it out at once.
  const fit = (d) => {
    const { at, w, h } = d.told;
    const scale = w / at;
    const rest = d.told.whole || !d.high ? 0 : Math.max(0, h - d.high * scale) / 2;
    d.page.style.transform = `translateY(${rest}px) scale(${scale})`;
    // Asked for or set, it has everything laid out at once.
    const top = down * scale;
    if (top !== d.top) d.place.scrollTop = d.top = top;
  };
  const heights = new ResizeObserver((seen) => {
    for (const { target, contentRect } of seen) {
      const d = drawn.get(target.dataset.id);
      if (!d || !d.of) continue;
      d.high = contentRect.height;
      // What was not high enough to be scrolled down may be now.
      if (d.top) d.top = -1;
      fit(d);
    }
  });

  // Drawings that nobody looks at are kept for a while: whoever comes back has them at once.
  const away = new Map();
  const AWAY = 150;
  function lay(id, d) {
    drawn.delete(id);
    d.place.classList.add('away');
    if (d.of && !away.has(d.of)) away.set(d.of, d);
    else end(d);
    if (away.size > AWAY) end(away.values().next().value);
  }
  function end(d) {
    if (away.get(d.of) === d) away.delete(d.of);
    heights.unobserve(d.page);
    d.place.remove();
  }
  function take(id, d) {
    away.delete(d.of);
    drawn.set(id, d);
    d.page.dataset.id = id;
    d.place.classList.remove('away');
    dress(d);
  }

  // Setting the same sheets again would have its whole tree styled anew.
  function dress(d) {
    if (!d.sheets || d.worn === tried) return;
    d.worn = tried;
    d.root.adoptedStyleSheets = [...d.sheets, ...tried];
  }

  function begin() {
    const place = Object.assign(document.createElement('div'), { className: 'place' });
    const page = Object.assign(document.createElement('div'), { className: 'page' });
    place.append(page);
    document.body.append(place);
    heights.observe(page);
    return { place, page, root: page.attachShadow({ mode: 'open' }), of: null, told: null, high: 0, top: 0 };
  }
  function put(d) {
    const { x, y, w, h, at } = d.told;
    Object.assign(d.place.style, { left: `${x}px`, top: `${y}px`, width: `${w}px`, height: `${h}px` });
    d.page.style.width = `${at}px`;
    d.page.style.setProperty('--drawing-vw', `${at / 100}px`);
    fit(d);
  }

  // What a look comes to that is asked for outside its tree: its "rem", and the ground of its pages.
  const comesTo = new Map();
  function asTold(sheet, root) {
    if (!comesTo.has(sheet)) {
      const html = root.firstElementChild;
      comesTo.set(sheet, { rem: getComputedStyle(html).fontSize, ground: getComputedStyle(html.firstElementChild).backgroundColor });
    }
    return comesTo.get(sheet);
  }
  function wear(d, sheet, own) {
    d.sheets = [sheet, ...(own ? [own] : []), proofs];
    d.worn = null;
    dress(d);
    const { rem, ground } = asTold(sheet, d.root);
    d.page.style.setProperty('--drawing-rem', rem);
    d.place.style.background = ground;
  }
  // A stylesheet that could not be had may be had in a moment: the look may have been changed just then.
  const TRIES = 5;
  const tries = new Map();
  function later(d, of) {
    const n = (tries.get(of) ?? 0) + 1;
    tries.set(of, n);
    d.failed = of;
    documents.delete(of);
    if (n > TRIES) return;
    setTimeout(() => {
      if (d.failed !== of) return;
      d.failed = null;
      void drawAll();
    }, n * 400);
  }
  const isDue = (d) => d.of !== d.told.of && d.failed !== d.told.of && markup.has(d.told.of);
  async function draw(d) {
    // While others were drawn it may have been told to draw what has not come yet.
    if (!isDue(d)) return;
    const of = d.told.of;
    const { doc, look: worn, own } = read(of);
    const sheet = await worn;
    if (!sheet) later(d, of);
    if (!sheet || d.told.of !== of || d.of === of) return;
    d.of = of;
    const html = like(doc.documentElement, 'html');
    const body = like(doc.body, 'body');
    body.append(...document.importNode(doc.body, true).childNodes);
    // What scripts show on a page is seen in its drawing without them.
    body.querySelectorAll('.scheme[hidden]').forEach((button) => (button.hidden = false));
    html.append(body);
    d.root.replaceChildren(html);
    wear(d, sheet, own);
    put(d);
  }

  // What is in the window comes first and at once; the rest a few at a time, so that whoever scrolls or clicks is heard.
  const AT_ONCE_MS = 12;
  const seen = () => new Promise((done) => requestAnimationFrame(() => setTimeout(done)));
  let busy = false;
  async function drawAll() {
    if (busy) return;
    busy = true;
    for (;;) {
      const due = [...drawn.values()].filter(isDue).sort((a, b) => a.told.far - b.told.far);
      if (!due.length) break;
      const inWindow = due.filter((d) => d.told.far === 0);
      const from = performance.now();
      const done = [];
      for (const d of inWindow.length ? inWindow : due) {
        await draw(d);
        done.push(d.page.dataset.id);
        if (!inWindow.length && performance.now() - from > AT_ONCE_MS) break;
      }
      await seen();
      tell({ type: 'drawn', ids: done });
    }
    busy = false;
  }

  // What is in the window is put in its place at once, and all else once that is seen.
  let toPlace = [];
  async function place() {
    const told = toPlace;
    for (const inWindow of [true, false]) {
      const again = told.filter((t) => (t.far === 0) === inWindow && putInPlace(t));
      void drawAll();
      await seen();
      if (again.length) tell({ type: 'drawn', ids: again.map((t) => t.id) });
      if (toPlace !== told) return;
    }
  }
  // Whether it was drawn before.
  function putInPlace(told) {
    const here = drawn.get(told.id);
    const d = here ?? away.get(told.of) ?? begin();
    d.told = told;
    if (!here) take(told.id, d);
    put(d);
    return !here && d.of;
  }

  const acts = {
    places({ places }) {
      const wanted = new Set(places.map((p) => p.id));
      for (const [id, d] of drawn) if (!wanted.has(id)) lay(id, d);
      toPlace = places;
      void place();
    },
    markup({ drawings }) {
      for (const { of, html } of drawings) markup.set(of, html);
      void drawAll();
    },
    forget({ of }) {
      for (const o of of) [markup, documents, tries].forEach((map) => map.delete(o));
    },
    style({ css, tokens }) {
      const next = [css, tokens].filter((part) => part !== undefined && part !== '').map(sheetOf);
      tried = next.length ? next : NOTHING;
      drawn.forEach(dress);
    },
    scroll({ top }) {
      down = top;
      drawn.forEach(fit);
    },
    blocks({ id }) {
      const d = drawn.get(id);
      if (d) tell({ type: 'blocks', id, blocks: blocks(d) });
    },
  };

  // The parts of a page as they are drawn: its head and foot, and what stands in its zones.
  const WORDS = 60;
  function blocks({ root, page, told }) {
    const scale = told.w / told.at;
    const { top, left } = page.getBoundingClientRect();
    return [...root.querySelectorAll('body > :not(main), main > *, main > * > *')].map((node) => {
      const box = node.getBoundingClientRect();
      return {
        sort: `${node.tagName}.${node.className}`,
        words: node.textContent.trim().slice(0, WORDS),
        top: Math.round((box.top - top) / scale),
        left: Math.round((box.left - left) / scale),
        width: Math.round(box.width / scale),
      };
    });
  }

  addEventListener('message', (event) => {
    if (event.source !== parent || (parentOrigin !== '*' && event.origin !== parentOrigin)) return;
    acts[event.data?.type]?.(event.data);
  });
  tell({ type: 'ready' });
})();
