/** What a change is told apart by: asked again with the same key it is the same one. */
export const KEY = 'X-Yelbo-Key';

/** One of a kind; also where the page did not come over TLS. */
export function newKey(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16));
  const digits = [...bytes].map((byte) => byte.toString(16).padStart(2, '0')).join('');
  return digits.replace(/^(.{8})(.{4})(.{4})(.{4})/, '$1-$2-$3-$4-');
}
