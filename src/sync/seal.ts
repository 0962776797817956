/**
 * Messages sealed by the devices: XChaCha20-Poly1305 (draft-irtf-cfrg-xchacha-03; RFC 8439 for its parts; from memory) as
 * `@noble/ciphers` has it, which needs no secure context. The room is sealed in, so that no message can be moved to
 * another, and so is the version of the records: another version of Retort opens none of it. The nonce is new at each,
 * and stands before it.
 */
import { xchacha20poly1305 } from '@noble/ciphers/chacha.js';
import { VERSION } from '../core/batch/schema';
import { fromLetters, packed, toLetters, unpacked } from '../formats/packed';
import type { Code } from './code';

const NONCE_BYTES = 24;
/** A message of more is none of ours, bytes. */
const MOST_TEXT = 16_000_000;

const cipher = ({ room, secret }: Code, nonce: Uint8Array) =>
  xchacha20poly1305(fromLetters(secret), nonce, new TextEncoder().encode(`${room} ${VERSION}`));

/** A value, sealed, in the letters of a link. */
export async function seal(code: Code, value: unknown): Promise<string> {
  const nonce = crypto.getRandomValues(new Uint8Array(NONCE_BYTES));
  const sealed = cipher(code, nonce).encrypt(await packed(JSON.stringify(value), MOST_TEXT));
  const all = new Uint8Array(NONCE_BYTES + sealed.length);
  all.set(nonce);
  all.set(sealed, NONCE_BYTES);
  return toLetters(all);
}

/** The value that was sealed; null for what another key sealed, or what is not as it was. */
export async function unseal(
  code: Code,
  letters: string,
): Promise<{ readonly value: unknown } | null> {
  try {
    const all = fromLetters(letters);
    const open = cipher(code, all.slice(0, NONCE_BYTES)).decrypt(all.slice(NONCE_BYTES));
    return { value: JSON.parse(await unpacked(new Uint8Array(open), MOST_TEXT)) as unknown };
  } catch {
    return null;
  }
}
