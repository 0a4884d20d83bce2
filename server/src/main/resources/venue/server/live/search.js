// Offers pages by their titles while somebody types what they look for (ARIA 1.2, combobox). Without this the form does the same.
(() => {
  const PAUSE = 140;
  for (const form of document.querySelectorAll('.searching, .find')) {
    const input = form.querySelector('input[type=search]');
    if (!input) continue;
    const list = document.createElement('ul');
    list.id = `s-${Math.random().toString(36).slice(2)}`;
    list.className = 'suggested';
    list.setAttribute('role', 'listbox');
    list.setAttribute('aria-label', input.getAttribute('aria-label'));
    list.hidden = true;
    form.append(list);
    const say = (name, value) => input.setAttribute(name, value);
    say('role', 'combobox');
    say('aria-autocomplete', 'list');
    say('aria-controls', list.id);
    say('aria-expanded', 'false');
    say('autocomplete', 'off');
    let at = -1, waits, asked = 0;
    const shut = () => {
      list.hidden = true;
      at = -1;
      say('aria-expanded', 'false');
      input.removeAttribute('aria-activedescendant');
    };
    const mark = (to) => {
      at = (to + list.children.length + 1) % (list.children.length + 1);
      [...list.children].forEach((one, i) => one.setAttribute('aria-selected', String(i === at)));
      if (list.children[at]) say('aria-activedescendant', list.children[at].id);
      else input.removeAttribute('aria-activedescendant');
    };
    const show = (titles, addresses) => {
      list.replaceChildren(
        ...titles.map((title, i) => {
          const one = document.createElement('li');
          one.id = `${list.id}-${i}`;
          one.setAttribute('role', 'option');
          one.setAttribute('aria-selected', 'false');
          one.dataset.at = addresses[i];
          one.textContent = title;
          return one;
        }),
      );
      at = -1;
      list.hidden = !titles.length;
      say('aria-expanded', String(!!titles.length));
    };
    const ask = async () => {
      const mine = ++asked;
      const words = input.value.trim();
      if (words.length < 2) return shut();
      try {
        const answer = await fetch(`/-/suggest?q=${encodeURIComponent(words)}`);
        const [, titles, , addresses] = await answer.json();
        if (mine === asked && document.activeElement === input) show(titles, addresses);
      } catch {
        shut();
      }
    };
    input.addEventListener('input', () => {
      clearTimeout(waits);
      waits = setTimeout(ask, PAUSE);
    });
    input.addEventListener('keydown', (event) => {
      if (event.key === 'Escape' && !list.hidden) {
        event.preventDefault();
        shut();
      } else if (!list.hidden && (event.key === 'ArrowDown' || event.key === 'ArrowUp')) {
        event.preventDefault();
        mark(event.key === 'ArrowDown' ? at + 1 : at < 0 ? list.children.length - 1 : at - 1);
      } else if (event.key === 'Enter' && list.children[at]) {
        event.preventDefault();
        location.assign(list.children[at].dataset.at);
      }
    });
    // Before the line loses its focus, which would shut the list.
    list.addEventListener('pointerdown', (event) => event.preventDefault());
    list.addEventListener('click', (event) => {
      const one = event.target.closest('[data-at]');
      if (one) location.assign(one.dataset.at);
    });
    input.addEventListener('blur', shut);
  }
})();
