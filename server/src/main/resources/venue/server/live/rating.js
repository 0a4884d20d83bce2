// Tells whoever has rated this page what they gave, in the place of the form: the page is the same for all.
(() => {
  // A proof is sealed off: nothing is kept there.
  if (window.origin === 'null') return;
  const kept = document.cookie.match(/(?:^|; )(?:__Host-)?venue-rated=([^;]*)/)?.[1] ?? '';
  for (const form of document.querySelectorAll('.rating form[data-page]')) {
    const given = kept
      .split('~')
      .find((line) => line.startsWith(`${form.dataset.page}.`))
      ?.split('.')[1];
    if (!/^[1-5]$/.test(given ?? '')) continue;
    const told = document.createElement('p');
    told.className = 'told';
    told.textContent = form.dataset.given.replace('{0}', given);
    form.replaceWith(told);
  }
})();
