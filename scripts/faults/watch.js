/* eslint-disable no-undef -- runs in the page that is looked at */
/** Tells in the page's own time when something is there, and keeps its long tasks. */
// The campaign's compiler names functions by this.
window.__name = (named) => named;
window.probe = {
  freezes: [],
  until: (selector, text) =>
    new Promise((done) => {
      const look = () => {
        const there = [...document.querySelectorAll(selector)].some((element) =>
          element.textContent.includes(text),
        );
        if (there) done(performance.now());
        else requestAnimationFrame(look);
      };
      look();
    }),
};
new PerformanceObserver((list) => {
  window.probe.freezes.push(...list.getEntries().map((entry) => entry.duration));
}).observe({ type: 'longtask', buffered: true });
