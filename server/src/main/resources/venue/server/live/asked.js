// Brings what the server alone can answer into a page that is served elsewhere; without it, a link leads there.
for (const place of document.querySelectorAll('[data-ask]')) {
  fetch(place.dataset.ask, { credentials: 'omit' })
    .then((answer) => (answer.ok ? answer.text() : ''))
    .then((html) => {
      if (html) place.innerHTML = html
    })
    .catch(() => {})
}
