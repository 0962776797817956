/** A batch as a recipe, handed over as a file; loaded when it is asked for. */
import type { Assessment } from '@/core/assess';
import type { Batch, Pot } from '@/core/batch/schema';
import type { Units } from '@/core/quantity';
import { movesOf } from '@/core/timetable';
import { writeRecipe } from '@/formats';
import { download } from '@/ui/files/download';

export function saveRecipe(batch: Batch, pot: Pot, assessment: Assessment, units: Units): void {
  const moves = movesOf(batch, assessment, pot, units);
  const fromMin = Math.min(0, ...moves.filter((m) => m.kind === 'prep').map((m) => m.minute));
  const text = writeRecipe(batch, assessment.time.totalMin - fromMin, units);
  download(`${batch.name}.json`, text, 'application/ld+json');
}
