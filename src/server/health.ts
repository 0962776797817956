/** Whether the server is well, and how much it has to do. */
import { answer } from './answers';
import { poolLoad } from './pool';
import { PAGES } from './page';

export function health(): Response {
  return answer(200, {
    ok: true,
    models: process.env['RETORT_MODELS'] ?? '',
    work: poolLoad() ?? { threads: 0, waiting: 0 },
    pages: PAGES.load(),
  });
}
