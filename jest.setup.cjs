/** What is waited for on a page has as long as a test: a busy machine is no fault of the page. */
if (typeof document !== 'undefined')
  require('@testing-library/dom').configure({ asyncUtilTimeout: 20_000 });
