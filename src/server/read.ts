/** A text, lines or a page as they read: every word with what became of it, and the batch they make. */
import { answering, bodyOf, onlyOwnOrigin } from './answers';
import { MOST_BODY } from './bounds';
import { workOut } from './pool';

export const POST = answering(async (request) => {
  onlyOwnOrigin(request, false);
  return workOut({ what: 'read', text: await bodyOf(request, MOST_BODY.read) });
});
