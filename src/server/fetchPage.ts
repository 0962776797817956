/** One page of the web, fetched with care: bounded, without cookies and scripts, and only from public addresses. */
import { Agent, fetch, type Response } from 'undici';
import { checkedLink, isAllowedHere, isNotPublic, NOT_PUBLIC, publicLookup } from './address';
import { Refusal, urlOf, wholeOf } from './answers';
import { LONGEST_PAGE_MS, MOST_PAGE_BYTES, MOST_REDIRECTS } from './bounds';

const WANTED =
  /^(?:text\/html|application\/xhtml\+xml|application\/(?:[\w.-]+\+)?json|text\/plain)$/i;

/** Connects to public addresses only; allowed local hosts use the other agent. */
const outside = new Agent({ connect: { lookup: publicLookup() }, connections: 4, pipelining: 0 });
const inside = new Agent({ connections: 4, pipelining: 0 });

/** Closes what connections are kept; for tests. */
export async function endConnections(): Promise<void> {
  await Promise.all([outside.destroy(), inside.destroy()]);
}

async function hop(url: URL, signal: AbortSignal): Promise<Response> {
  try {
    return await fetch(url, {
      dispatcher: isAllowedHere(url) ? inside : outside,
      redirect: 'manual',
      credentials: 'omit',
      headers: { accept: 'text/html, application/ld+json;q=0.9, application/json;q=0.8' },
      signal,
    });
  } catch (error) {
    if (signal.aborted) throw new Refusal(504, 'The page did not answer in time.');
    if (isNotPublic(error)) throw new Refusal(422, NOT_PUBLIC);
    throw new Refusal(502, 'The page was not reached.');
  }
}

/** The text of a page, as far as its bounds. */
async function textOf(response: Response, signal: AbortSignal): Promise<string> {
  const [type = '', ...rest] = (response.headers.get('content-type') ?? '').split(';');
  if (!WANTED.test(type.trim())) {
    await response.body?.cancel();
    throw new Refusal(422, 'This is no page with text.');
  }
  const charset = /charset="?([\w-]+)/i.exec(rest.join(';'))?.[1] ?? 'utf-8';
  const bytes = await bytesOf(response, signal);
  try {
    return new TextDecoder(charset).decode(bytes);
  } catch {
    return new TextDecoder().decode(bytes);
  }
}

async function bytesOf({ body }: Response, signal: AbortSignal): Promise<Uint8Array> {
  const tooLarge = new Refusal(422, 'The page is larger than 2 MB.');
  try {
    return body
      ? await wholeOf(body as AsyncIterable<Uint8Array>, MOST_PAGE_BYTES, tooLarge)
      : new Uint8Array();
  } catch (error) {
    if (error instanceof Refusal) throw error;
    if (signal.aborted) throw new Refusal(504, 'The page did not come whole in time.');
    throw new Refusal(502, 'The page broke off.');
  }
}

/**
 * Fetches a page, over at most four redirects, each of them checked anew.
 *
 * @throws Refusal with the reason in words
 */
export async function fetchPage(link: string): Promise<string> {
  const signal = AbortSignal.timeout(LONGEST_PAGE_MS);
  let url = checkedLink(link);
  for (let hops = 0; hops <= MOST_REDIRECTS; hops++) {
    const response = await hop(url, signal);
    const next = response.headers.get('location');
    if (response.status >= 300 && response.status < 400 && next !== null) {
      await response.body?.cancel();
      url = checkedLink(urlOf(next, url.href)?.href ?? '');
      continue;
    }
    if (!response.ok) {
      await response.body?.cancel();
      throw new Refusal(502, `The page answers with ${response.status}.`);
    }
    return textOf(response, signal);
  }
  throw new Refusal(502, 'The page leads on and on to others.');
}
