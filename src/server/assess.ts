/** A batch of a file, assessed: what the command line prints. */
import { answering, bodyOf, onlyOwnOrigin } from './answers';
import { MOST_BODY } from './bounds';
import { workOut } from './pool';

export const POST = answering(async (request) => {
  onlyOwnOrigin(request, false);
  // A large file is taken apart in a thread, not here.
  return workOut({ what: 'assess', text: await bodyOf(request, MOST_BODY.assess) });
});
