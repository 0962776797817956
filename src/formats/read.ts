import { validateBundle, type Problem, type Validated } from '../core/batch';

/**
 * Reads a bundle from text.
 *
 * @returns the bundle, or every problem with its path
 */
export function readBundle(text: string): Validated {
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch (error) {
    const problem: Problem = {
      path: '(the file)',
      found: error instanceof Error ? error.message : 'unreadable text',
      wanted: 'a Retort file in JSON',
    };
    return { ok: false, problems: [problem] };
  }
  return validateBundle(value);
}
