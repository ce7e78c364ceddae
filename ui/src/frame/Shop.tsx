import { useQuery } from '@tanstack/react-query';
import { setNonce } from 'get-nonce';
import { me } from '../api/queries';
import { vocabulary } from '../api/vocabulary';
import { Loading, Trouble } from '../parts/basics';
import { Frame } from './Frame';

// The dialogs' own style sheet is let in by the page's nonce.
setNonce(document.querySelector<HTMLMetaElement>('meta[name=nonce]')?.content ?? '');

/** The shop behind the door: nothing is drawn before it is known what things are called. */
export function Shop() {
  const { data: who } = useQuery(me);
  const words = useQuery(vocabulary);
  if (who === undefined || words.data === undefined) {
    return words.error ? (
      <div className="p-10">
        <Trouble says={words.error.message} />
      </div>
    ) : (
      <Loading what="the shop" />
    );
  }
  return <Frame who={who} />;
}
