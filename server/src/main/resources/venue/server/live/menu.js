// What stands beneath a line opens when the line is pointed at, and closes when one leaves it, presses Esc or points elsewhere.
// Without this, the line's own sign opens and closes it.
(() => {
  const nav = document.getElementById('menu');
  if (!nav) return;
  const wide = matchMedia('(min-width: 45em)');
  const all = [...nav.querySelectorAll('.more > details')];
  const close = (but) => all.forEach((one) => one !== but && (one.open = false));
  for (const one of all) {
    const line = one.parentElement;
    let leaving;
    line.addEventListener('pointerenter', (event) => {
      clearTimeout(leaving);
      if (event.pointerType !== 'mouse' || !wide.matches) return;
      close(one);
      one.open = true;
    });
    line.addEventListener('pointerleave', (event) => {
      // A moment's grace: the way from a line to what it opened may lead across another.
      if (event.pointerType === 'mouse' && wide.matches) leaving = setTimeout(() => (one.open = false), 220);
    });
    line.addEventListener('focusout', (event) => {
      if (wide.matches && event.relatedTarget && !line.contains(event.relatedTarget)) one.open = false;
    });
    // Pointing has opened it: a click on its sign would close it again at once.
    one.querySelector('summary').addEventListener('click', (event) => {
      if (event.detail && one.open && wide.matches && line.matches(':hover') && event.pointerType === 'mouse') event.preventDefault();
    });
  }
  document.addEventListener('keydown', (event) => {
    const open = all.find((one) => one.open);
    if (event.key !== 'Escape' || !open || !wide.matches) return;
    open.open = false;
    if (open.contains(document.activeElement)) open.querySelector('summary').focus();
  });
  document.addEventListener('pointerdown', (event) => {
    if (wide.matches && !event.target.closest('#menu .more')) close();
  });
  // On a narrow screen the branch in which one stands is open to begin with.
  nav.addEventListener('toggle', (event) => {
    if (event.target !== nav || event.newState !== 'open') return;
    const here = all.find((one) => one.parentElement.querySelector('[aria-current]'));
    if (here) here.open = true;
  });
})();
