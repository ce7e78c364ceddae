import { useQuery } from '@tanstack/react-query';
import { Dialog } from 'radix-ui';
import { docket as docketQuery } from '../api/queries';
import { Ready } from '../parts/basics';
import { Content } from './DrawerContent';

/** The docket, the same at every station. */
export function DocketDrawer({ number, onClose }: { number: number | null; onClose: () => void }) {
  return (
    <Dialog.Root open={number !== null} onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-20 bg-ink/25" />
        <Dialog.Content
          aria-describedby={undefined}
          className="slide-in outline-none fixed inset-y-0 right-0 z-30 flex w-[min(440px,100vw)] flex-col border-l-2 border-ink bg-ground"
        >
          {number !== null && <Inside number={number} onClose={onClose} />}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

function Inside({ number, onClose }: { number: number; onClose: () => void }) {
  const query = useQuery(docketQuery(number));
  return (
    <>
      {query.data === undefined && (
        <Dialog.Title className="p-4 title">Docket Y-{String(number).padStart(4, '0')}</Dialog.Title>
      )}
      <Ready query={query} what="the docket">
        {(docket) => <Content docket={docket} onClose={onClose} />}
      </Ready>
    </>
  );
}
