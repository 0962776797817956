/** What the page of a test has beside jsdom's own. */
if (typeof document !== 'undefined') {
  require('@testing-library/dom').configure({
    // What is waited for has as long as a test: a busy machine is no fault of the page.
    asyncUtilTimeout: 20_000,
    // A page of ours is some hundred lines as a tree: what failed is told without it.
    getElementError: (message) => new Error(message ?? ''),
  });
  // Nothing has a size there, so none is ever told.
  global.ResizeObserver = class {
    observe() {}
    unobserve() {}
    disconnect() {}
  };
}
