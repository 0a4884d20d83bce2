// Dark or light as the visitor chose; as their machine is until they do. Runs before the page is drawn.
(() => {
  const root = document.documentElement;
  const machine = matchMedia('(prefers-color-scheme: dark)');
  const kept = (value) => {
    try {
      return value ? localStorage.setItem('scheme', value) : localStorage.getItem('scheme');
    } catch {
      return null;
    }
  };
  const dark = () => (root.dataset.scheme ?? (machine.matches ? 'dark' : 'light')) === 'dark';
  const chosen = kept();
  if (chosen === 'dark' || chosen === 'light') root.dataset.scheme = chosen;
  addEventListener('DOMContentLoaded', () => {
    const buttons = [...document.querySelectorAll('.scheme')];
    const tell = () => buttons.forEach((button) => button.setAttribute('aria-pressed', String(dark())));
    for (const button of buttons) {
      button.hidden = false;
      button.onclick = () => {
        root.dataset.scheme = dark() ? 'light' : 'dark';
        kept(root.dataset.scheme);
        tell();
      };
    }
    machine.addEventListener('change', tell);
    tell();
  });
})();
