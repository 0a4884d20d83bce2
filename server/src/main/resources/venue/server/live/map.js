// A real map in the place of the drawn one, once a visitor agrees: nothing is fetched from elsewhere before, and the library with it.
// Without this the drawn one stays.
(() => {
  const once = (tag, said) =>
    new Promise((done, failed) => {
      const one = Object.assign(document.createElement(tag), said, { onload: done, onerror: failed });
      document.head.append(one);
    });
  let library;
  const load = () =>
    (library ??= Promise.all([
      once('link', { rel: 'stylesheet', href: '/-/leaflet.css' }),
      once('script', { src: '/-/leaflet.js' }),
    ]).catch((why) => {
      library = undefined;
      throw why;
    }));
  const plain = (words) => Object.assign(document.createElement('i'), { textContent: words }).innerHTML;

  function show(ground) {
    const { tiles, at, zoom, name, words, shapes } = ground.dataset;
    const place = at.split(',').map(Number);
    const box = document.createElement('div');
    box.className = 'real';
    box.setAttribute('role', 'region');
    box.setAttribute('aria-label', name);
    ground.replaceChildren(box);
    const colour = getComputedStyle(ground).getPropertyValue('--link').trim() || '#a33';
    const map = L.map(box, { scrollWheelZoom: false }).setView(place, Number(zoom));
    map.attributionControl.setPrefix(false);
    L.tileLayer(tiles, { attribution: plain(words), maxZoom: 19 }).addTo(map);
    if (shapes) {
      const spot = (_, position) => L.circleMarker(position, { radius: 4, color: colour });
      L.geoJSON(JSON.parse(shapes), { style: { color: colour, weight: 2 }, pointToLayer: spot }).addTo(map);
    }
    L.circleMarker(place, { radius: 9, color: colour, weight: 3, fillOpacity: 0.4 }).addTo(map);
    box.focus();
  }

  for (const ground of document.querySelectorAll('.ground[data-tiles]')) {
    const button = ground.querySelector('button');
    button.hidden = false;
    button.addEventListener('click', async () => {
      button.disabled = true;
      try {
        await load();
        show(ground);
      } catch {
        // It can be asked for again.
        button.disabled = false;
      }
    });
  }
})();
