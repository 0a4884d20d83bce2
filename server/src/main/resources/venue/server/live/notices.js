// Notices that were put away stay away, and several take turns. Runs before the page is drawn, so that nothing jumps; without it
// all of them are simply there.
(() => {
  const strip = document.querySelector('.notices');
  const kept = (key, value) => {
    try {
      return value ? localStorage.setItem(key, value) : localStorage.getItem(key);
    } catch {
      return null;
    }
  };
  const all = () => [...strip.querySelectorAll('.notice')];
  const stop = strip.querySelector('.stop');
  let at = 0;
  let turning = false;
  const turn = (by) => {
    // Nothing left to say: no empty landmark either.
    if (!all().length) strip.remove();
    if (!turning) return;
    at = (at + by) % Math.max(1, all().length);
    all().forEach((notice, i) => (notice.hidden = i !== at));
    if (all().length < 2) stop.remove();
  };
  for (const notice of strip.querySelectorAll('[data-n]')) {
    const key = 'notice-' + notice.dataset.n;
    const away = notice.querySelector('.away');
    if (kept(key)) {
      notice.remove();
      continue;
    }
    away.hidden = false;
    away.onclick = () => {
      kept(key, '1');
      notice.remove();
      turn(0);
    };
  }
  turn(0);
  if (!stop || all().length < 2 || matchMedia('(prefers-reduced-motion: reduce)').matches) return;
  turning = true;
  stop.hidden = false;
  turn(0);
  const going = setInterval(() => strip.matches(':hover, :focus-within') || turn(1), 7000);
  stop.onclick = () => {
    clearInterval(going);
    turning = false;
    stop.remove();
    all().forEach((notice) => (notice.hidden = false));
  };
})();
