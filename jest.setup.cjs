/** Completes the page of a test where jsdom lacks something. */
if (typeof document !== 'undefined') {
  require('@testing-library/dom').configure({
    // Wait as long as the test itself: a busy machine is no fault of the page.
    asyncUtilTimeout: 20_000,
    // A page is hundreds of lines as a tree: report the failure without it.
    getElementError: (message) => new Error(message ?? ''),
  });
  // There is nothing to scroll.
  global.scrollTo = () => {};
  // Nothing has a size in jsdom, so no observer is ever called.
  global.ResizeObserver = class {
    observe() {}
    unobserve() {}
    disconnect() {}
  };
}
