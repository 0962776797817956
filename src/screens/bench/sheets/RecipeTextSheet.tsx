import type { Batch } from '@/core/batch/schema';
import { Sheet } from '@/ui/Sheet';

/** The recipe that a batch was read from, as it was written. */
export function RecipeTextSheet({
  recipe,
  onClose,
}: {
  readonly recipe: NonNullable<Batch['recipe']>;
  readonly onClose: () => void;
}) {
  return (
    <Sheet open onClose={onClose} title="The original recipe">
      {recipe.link && (
        <a
          href={recipe.link}
          rel="noreferrer noopener"
          target="_blank"
          className="block break-all text-cobalt underline"
        >
          {recipe.link}
        </a>
      )}
      <p className="leading-relaxed whitespace-pre-wrap">{recipe.text}</p>
    </Sheet>
  );
}
