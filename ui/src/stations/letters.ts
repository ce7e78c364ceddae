import type { Schemas } from '../api/client';
import { asMoment } from '../parts/time';

type Run = Schemas['LetterRunView'];

/** Whether somebody has to do something about a letter. */
export const isAstray = (letter: Run | null) =>
  letter !== null && letter.state !== 'sent' && (letter.state !== 'waiting' || letter.tries > 0 || letter.forgotten);

/** What became of a letter, in a sentence; nothing where the post has it. */
export function letterSays({ state, tries, says, nextAt, forgotten }: Run): string | null {
  const because = says ? `: ${says}` : '';
  switch (state) {
    case 'sent':
      return null;
    case 'refused':
      return `The post refused the letter${because}. Look at the address.`;
    case 'given-up':
      return `The letter did not go out: the post did not answer for two days${because}.`;
    default:
      if (forgotten) {
        return 'The letter did not go out, and nobody brings it to the post any more. Send it again.';
      }
      return tries === 0
        ? 'The letter is on its way to the post.'
        : `The post did not take the letter yet${because}. It is tried again ${nextAt ? asMoment(nextAt) : 'soon'}.`;
  }
}
