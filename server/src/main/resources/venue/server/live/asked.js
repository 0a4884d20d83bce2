// Brings what the server alone can answer into a page that is served elsewhere; without it, a link leads there.
for (const place of document.querySelectorAll('[data-ask]')) {
  fetch(place.dataset.ask, { credentials: 'omit' })
    .then(async (answer) => {
      // There is nothing there for somebody who isn't known.
      if (answer.status === 404) place.remove()
      else if (answer.ok) place.innerHTML = await answer.text()
    })
    .catch(() => {})
}
