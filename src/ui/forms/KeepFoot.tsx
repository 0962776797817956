import { Button } from '../Button';

/** Beneath a form: leave it, keep it; and beside them what takes its subject away. */
export function KeepFoot({
  onClose,
  form,
  removes,
  onRemove,
}: {
  readonly onClose: () => void;
  /** The form's id, if the foot is outside it. */
  readonly form?: string;
  /** Words on the button that removes it. */
  readonly removes?: string;
  readonly onRemove?: () => void;
}) {
  return (
    <div className="flex w-full flex-wrap justify-between gap-3">
      {removes && onRemove ? (
        <Button
          onClick={() => {
            onRemove();
            onClose();
          }}
        >
          {removes}
        </Button>
      ) : (
        <span />
      )}
      <div className="flex gap-3">
        <Button look="quiet" onClick={onClose}>
          Cancel
        </Button>
        <Button type="submit" look="copper" {...(form ? { form } : {})}>
          Keep
        </Button>
      </div>
    </div>
  );
}
