/** Answers of the server: always JSON, never kept anywhere, a refusal always with its reason in words. */

/** A refusal, as it is answered. */
export class Refusal extends Error {
  /** @param status of HTTP @param message reason, for a person */
  constructor(
    readonly status: 400 | 403 | 413 | 415 | 422 | 429 | 502 | 503 | 504,
    message: string,
    /** When to try again, s. */
    readonly retryAfter?: number,
  ) {
    super(message);
  }
}

/** An answer. */
export function answer(status: number, body: unknown, headers: HeadersInit = {}): Response {
  return new Response(JSON.stringify(body), {
    status,
    headers: {
      'content-type': 'application/json; charset=utf-8',
      'cache-control': 'no-store',
      ...Object.fromEntries(new Headers(headers)),
    },
  });
}

/** Answer of a handler, refusals included. */
export function answering(work: (request: Request) => Promise<unknown>) {
  return async (request: Request): Promise<Response> => {
    try {
      return answer(200, await work(request));
    } catch (error) {
      if (!(error instanceof Refusal))
        return answer(500, { error: 'This could not be worked out. It is a fault of ours.' });
      const { status, message, retryAfter } = error;
      return answer(
        status,
        { error: message },
        retryAfter === undefined ? {} : { 'retry-after': String(retryAfter) },
      );
    }
  };
}

/** A link as parts; null for anything else. */
export function urlOf(link: string, base?: string): URL | null {
  return URL.canParse(link, base) ? new URL(link, base) : null;
}

/** Refuses a call that another site makes a browser make. */
export function onlyOwnOrigin(request: Request, isNeeded: boolean): void {
  const origin = request.headers.get('origin');
  const site = request.headers.get('sec-fetch-site');
  const host = request.headers.get('x-forwarded-host') ?? request.headers.get('host');
  const own = origin === null ? site === 'same-origin' : urlOf(origin)?.host === host;
  const foreign =
    (origin !== null && !own) || (site !== null && site !== 'same-origin' && site !== 'none');
  if (foreign || (isNeeded && !own))
    throw new Refusal(403, 'Only the pages of this server may ask for this.');
}

const mb = (bytes: number): string =>
  bytes < 1e6 ? `${Math.round(bytes / 1e3)} kB` : `${Math.round(bytes / 1e5) / 10} MB`;

/** All of a body, refused by its size before more of it is read. @param tooLarge its refusal */
export async function wholeOf(
  body: AsyncIterable<Uint8Array>,
  most: number,
  tooLarge: Refusal,
): Promise<Buffer> {
  const chunks: Uint8Array[] = [];
  let size = 0;
  for await (const chunk of body) {
    size += chunk.byteLength;
    if (size > most) throw tooLarge;
    chunks.push(chunk);
  }
  return Buffer.concat(chunks);
}

/** The text of a request's body. */
async function textOf(request: Request, most: number): Promise<string> {
  const tooLarge = new Refusal(413, `More than ${mb(most)} is not taken.`);
  if (Number(request.headers.get('content-length') ?? 0) > most) throw tooLarge;
  if (!request.body) return '';
  const body = request.body as unknown as AsyncIterable<Uint8Array>;
  return (await wholeOf(body, most, tooLarge)).toString('utf8');
}

/** The body of a call, as text. @param type media type that it must have */
export async function bodyOf(request: Request, most: number): Promise<string> {
  const type = (request.headers.get('content-type') ?? '').split(';')[0]?.trim().toLowerCase();
  if (type !== 'application/json')
    throw new Refusal(415, 'JSON is taken: content-type application/json.');
  return textOf(request, most);
}

/** A small body, parsed. @throws Refusal where it is no JSON */
export function parsed(text: string): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch {
    throw new Refusal(400, 'This is no JSON.');
  }
}
