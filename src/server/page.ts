/** A page of the web as a document: the browser may not fetch other sites. */
import { answering, bodyOf, onlyOwnOrigin, parsed, Refusal } from './answers';
import { RateLimiterMemory } from 'rate-limiter-flexible';
import { MOST_BODY, PAGES_A_MINUTE, PAGES_AT_ONCE, PAGES_WAITING } from './bounds';
import { checked } from './calls';
import { fetchPage } from './fetchPage';
import { gate } from './gate';
import { workOut } from './pool';

/** Pages that are being fetched. */
export const PAGES = gate(PAGES_AT_ONCE, PAGES_WAITING);

const A_MINUTE_S = 60;
const rate = new RateLimiterMemory({ points: PAGES_A_MINUTE, duration: A_MINUTE_S });

async function withinRate(): Promise<void> {
  try {
    await rate.consume('pages');
  } catch {
    throw new Refusal(429, 'Too many pages were asked for. Try again in a minute.', A_MINUTE_S);
  }
}

export const POST = answering(async (request) => {
  onlyOwnOrigin(request, true);
  const { link } = checked('page', parsed(await bodyOf(request, MOST_BODY.page)));
  await withinRate();
  const text = await PAGES.run(() => fetchPage(link));
  // The page itself never leaves: this is no way around the rules of browsers.
  return workOut({ what: 'page', text });
});
