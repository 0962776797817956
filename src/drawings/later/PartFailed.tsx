/** In place of a part whose code did not come: the rest of the page works on. */
export function PartFailed() {
  return (
    <div
      role="alert"
      className="fixed inset-x-4 bottom-20 z-50 mx-auto flex max-w-xl flex-wrap items-center justify-between gap-x-4 rounded-xl border border-rust bg-panel p-4 shadow-lg"
    >
      <span>
        This part of Retort could not be loaded. Your kitchen is safe, and the rest of the page
        works.
      </span>
      <button
        type="button"
        className="min-h-11 font-medium text-cobalt underline"
        onClick={() => location.reload()}
      >
        Reload the page
      </button>
    </div>
  );
}
