/**
 * The id of a mark by what it says, so that the same message or file gives the same id on every device.
 *
 * @param at ISO 8601
 * @example markId({ kind: 'pin-up', at: '2026-11-24T16:24:03.000Z' }, new Set()) // "pin-up-mwuwmtvc"
 */
export function markId(
  { kind, at }: { readonly kind: string; readonly at: string },
  taken: ReadonlySet<string>,
): string {
  const id = `${kind}-${Date.parse(at).toString(36)}`;
  if (!taken.has(id)) return id;
  for (let n = 2; ; n++) if (!taken.has(`${id}-${n}`)) return `${id}-${n}`;
}
