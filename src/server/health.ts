/** Whether the server is well, and how much it has to do. */
import { answer } from './answers';
import { workLoad } from './pool';
import { PAGES } from './page';

export function health(): Response {
  return answer(200, {
    ok: true,
    models: process.env['RETORT_MODELS'] ?? '',
    work: workLoad(),
    pages: PAGES.load(),
  });
}
