/** The policy of every page: scripts of its own alone, named anew at every request, and no frame around it. */
import { NextResponse, type NextRequest } from 'next/server';

function policy(nonce: string): string {
  // The development server evaluates what it has just compiled; what ships never does.
  const evaluates = process.env.NODE_ENV === 'development' ? " 'unsafe-eval'" : '';
  return [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'${evaluates}`,
    // Places and sizes of drawings are attributes of their elements.
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self'",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');
}

export function proxy(request: NextRequest): NextResponse {
  const nonce = Buffer.from(crypto.randomUUID()).toString('base64');
  const content = policy(nonce);
  const headers = new Headers(request.headers);
  // Next puts the nonce of this header on its own scripts.
  headers.set('Content-Security-Policy', content);
  const response = NextResponse.next({ request: { headers } });
  response.headers.set('Content-Security-Policy', content);
  return response;
}

export const config = { matcher: '/((?!_next/static|_next/image|icon.svg).*)' };
