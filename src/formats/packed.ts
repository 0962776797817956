/** Text made small, and bytes in the letters that a link may have. */

async function through(
  bytes: Uint8Array<ArrayBuffer>,
  stream: CompressionStream | DecompressionStream,
  most: number,
): Promise<Uint8Array<ArrayBuffer>> {
  const parts: Uint8Array[] = [];
  let size = 0;
  const reader = new Blob([bytes]).stream().pipeThrough(stream).getReader();
  for (;;) {
    const { done, value } = await reader.read();
    if (done) break;
    size += value.length;
    if (size > most) {
      await reader.cancel();
      throw new RangeError('more than may be packed');
    }
    parts.push(value);
  }
  return new Uint8Array(await new Blob(parts as BlobPart[]).arrayBuffer());
}

/** A text, deflated. @param most bytes @throws RangeError above that */
export function packed(text: string, most: number): Promise<Uint8Array<ArrayBuffer>> {
  return through(new TextEncoder().encode(text), new CompressionStream('deflate-raw'), most);
}

/** The text that was packed. @param most bytes of it @throws where it is no such text, or longer */
export async function unpacked(bytes: Uint8Array<ArrayBuffer>, most: number): Promise<string> {
  const text = await through(bytes, new DecompressionStream('deflate-raw'), most);
  return new TextDecoder('utf-8', { fatal: true }).decode(text);
}

/** Arguments of one call. */
const AT_ONCE = 8192;

export function toLetters(bytes: Uint8Array): string {
  let binary = '';
  for (let i = 0; i < bytes.length; i += AT_ONCE)
    binary += String.fromCharCode(...bytes.subarray(i, i + AT_ONCE));
  return btoa(binary).replaceAll('+', '-').replaceAll('/', '_').replace(/=+$/, '');
}

/** @throws where they are no such letters */
export function fromLetters(letters: string): Uint8Array<ArrayBuffer> {
  const binary = atob(letters.replaceAll('-', '+').replaceAll('_', '/'));
  const bytes = new Uint8Array(binary.length);
  for (let i = 0; i < binary.length; i++) bytes[i] = binary.charCodeAt(i);
  return bytes;
}
