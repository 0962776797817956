import { validateBundle, type Problem, type Validated } from '../core/batch/household';
import { isTooDeep, MOST_CHARACTERS } from './bounds';

/**
 * Reads a bundle from text.
 *
 * @returns the bundle, or every problem with its path
 */
export function readBundle(text: string): Validated {
  if (text.length > MOST_CHARACTERS)
    return refused(
      `${Math.round(text.length / 1e6)} MB`,
      `no more than ${MOST_CHARACTERS / 1e6} MB`,
    );
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch (error) {
    const found = error instanceof Error ? error.message : 'unreadable text';
    return refused(found, 'a Retort file in JSON');
  }
  return bundleIn(value);
}

/** Reads a bundle from JSON that is parsed already. */
export function bundleIn(value: unknown): Validated {
  if (isTooDeep(value)) return refused('fields nested in fields without end', 'a Retort file');
  return validateBundle(value);
}

function refused(found: string, wanted: string): Validated {
  const problem: Problem = { path: '(the file)', found, wanted };
  return { ok: false, problems: [problem] };
}
