// Sets the colour set before the first paint; mode-watcher takes over from there.
(function () {
  var wanted = 'system';
  try {
    wanted = localStorage.getItem('mode-watcher-mode') || 'system';
  } catch {
    // Storage may be closed to us; the system's own choice does.
  }
  var dark =
    wanted === 'dark' ||
    (wanted === 'system' && matchMedia('(prefers-color-scheme: dark)').matches);
  document.documentElement.classList.toggle('dark', dark);
  var contrast = 'system';
  try {
    contrast = localStorage.getItem('olive-contrast') || 'system';
  } catch {
    // As above.
  }
  document.documentElement.classList.toggle(
    'more-contrast',
    contrast === 'more' ||
      (contrast === 'system' && matchMedia('(prefers-contrast: more)').matches),
  );
})();
