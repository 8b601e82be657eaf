// Before the first paint, so that a dark kitchen is never blinded by a flash of white.
(function () {
  var chosen = null;
  try {
    chosen = localStorage.getItem('ironpan-theme');
  } catch {
    // Storage refused: the system's own choice holds.
  }
  var dark = window.matchMedia('(prefers-color-scheme: dark)').matches;
  document.documentElement.dataset.theme = chosen || (dark ? 'iron' : 'enamel');
})();
