// Sections and what stands in them come into view as they are scrolled to, some wait a while, and pictures behind an opening take
// turns. Without this script everything is simply there; for those who ask for less motion too, and pictures turn by hand alone.
(() => {
  const still = matchMedia('(prefers-reduced-motion: reduce)').matches || getComputedStyle(document.documentElement).getPropertyValue('--still') === '1';
  const all = (selector, within = document) => [...within.querySelectorAll(selector)];

  function comeIntoView() {
    const waiting = all('.rv');
    if (!waiting.length || !('IntersectionObserver' in window)) return;
    document.documentElement.classList.add('moves');
    const seen = new IntersectionObserver((entries) => {
      for (const { isIntersecting, target } of entries) {
        if (isIntersecting) {
          target.classList.add('seen');
          seen.unobserve(target);
        }
      }
    }, { rootMargin: '0px 0px -8% 0px' });
    waiting.forEach((section) => seen.observe(section));
  }

  // Its place is kept, so that nothing jumps; who comes to it by a link has it at once.
  function waitAWhile(section) {
    if (section.matches(':target, :has(:target)')) return;
    section.classList.add('waits');
    setTimeout(() => section.classList.replace('waits', 'arrives'), 1000 * section.dataset.after);
  }

  function takeTurns(controls) {
    const pictures = all('.back.turns img', controls.parentElement);
    const [stop, go] = all('.stop, .go', controls);
    let at = 0;
    let going = 0;
    const show = (next) => {
      at = (next + pictures.length) % pictures.length;
      pictures.forEach((picture, i) => {
        picture.classList.toggle('at', i === at);
        if (i === at || i === at + 1) picture.loading = 'eager';
      });
    };
    const turn = (on) => {
      clearInterval(going);
      const rests = () => document.hidden || controls.matches(':hover, :focus-within');
      going = on ? setInterval(() => rests() || show(at + 1), 1000 * controls.dataset.every) : 0;
      stop.hidden = !on;
      go.hidden = on || still;
    };
    all('.by-hand', controls).forEach((button, i) => {
      button.onclick = () => {
        turn(false);
        show(at + (i ? 1 : -1));
      };
    });
    stop.onclick = () => {
      turn(false);
      go.focus();
    };
    go.onclick = () => {
      turn(true);
      stop.focus();
    };
    controls.hidden = false;
    show(0);
    turn(!still);
  }

  if (!still) {
    comeIntoView();
    all('[data-after]').forEach(waitAWhile);
  }
  all('.turning').forEach(takeTurns);
})();
