/** What is waited for on a page has as long as a test: a busy machine is no fault of the page. */
if (typeof document !== 'undefined')
  require('@testing-library/dom').configure({
    asyncUtilTimeout: 20_000,
    // A page of ours is some hundred lines as a tree: what failed is told without it.
    getElementError: (message) => new Error(message ?? ''),
  });
