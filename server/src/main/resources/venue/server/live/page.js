// Sections come into view as they are scrolled to. Without this script, or for those who ask for less motion, they are
// simply there.
(() => {
  if (matchMedia('(prefers-reduced-motion: reduce)').matches || !('IntersectionObserver' in window)) return;
  const waiting = document.querySelectorAll('.rv');
  if (!waiting.length) return;
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
})();
