import type { Schemas } from '../api/client';
import { asMoment } from '../parts/time';

type Run = Schemas['LetterRunView'];

/** Whether somebody has to do something about a letter. */
export const isAstray = (letter: Run | null) =>
  letter !== null &&
  (letter.state === 'refused' || letter.state === 'given-up' || (letter.tries > 0 && letter.state === 'waiting'));

/** What became of a letter, in a sentence; nothing where the post has it. */
export function letterSays({ state, tries, says, nextAt }: Run): string | null {
  const because = says ? `: ${says}` : '';
  switch (state) {
    case 'sent':
      return null;
    case 'refused':
      return `The post refused the letter${because}. Look at the address.`;
    case 'given-up':
      return `The letter did not go out: the post did not answer for two days${because}.`;
    default:
      return tries === 0
        ? 'The letter is on its way to the post.'
        : `The post did not take the letter yet${because}. It is tried again ${nextAt ? asMoment(nextAt) : 'soon'}.`;
  }
}
