/** What a label on the shelf says, however it was typed or scanned: `n16` is N-016. Nothing where it is no such number. */
export function labelOf(code: string): string | null {
  const [, letter, digits] = code.trim().match(/^([srntb])-?0*(\d+)$/i) ?? [];
  return letter && digits ? `${letter.toUpperCase()}-${digits.padStart(3, '0')}` : null;
}
