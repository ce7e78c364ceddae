import { useQuery } from '@tanstack/react-query';
import { useParams } from 'react-router';
import type { Docket } from '../../api/client';
import { docket as docketQuery, dockets } from '../../api/queries';
import { Nothing, Ready } from '../../parts/basics';
import { AddItem } from '../ask/AddItem';
import { Elsewhere } from '../Elsewhere';
import { StationList } from '../StationList';
import { Desk } from './Desk';
import { Items } from './Items';

export function Size() {
  const { number, item } = useParams();
  const list = useQuery(dockets('size'));
  const opened = useQuery({ ...docketQuery(Number(number)), enabled: Boolean(number) });
  return (
    <div className="grid h-full grid-cols-[232px_1fr]">
      <StationList title="To be sized" station="size" current={Number(number)} to={(row) => `/size/${row.number}`} />
      {number === undefined ? (
        <Nothing title={list.data?.dockets.length === 0 ? 'Nothing to size' : 'Choose an order'}>
          <p>] opens the first one.</p>
        </Nothing>
      ) : (
        <Ready query={opened} what="the docket">
          {(docket) =>
            docket.state === 'sizing' ? (
              item === 'add' ? (
                <AddItem key={docket.number} docket={docket} />
              ) : (
                <InHand key={docket.number} docket={docket} nth={Number(item ?? 0)} />
              )
            ) : (
              <Elsewhere docket={docket} says="is not at Size" />
            )
          }
        </Ready>
      )}
    </div>
  );
}

/** The item in hand: the first that is not being made, where none is named. */
function InHand({ docket, nth }: { docket: Docket; nth: number }) {
  const item =
    docket.items.find((one) => one.nth === nth) ?? docket.items.find((one) => !one.beingMade) ?? docket.items[0];
  if (!item) {
    return <Nothing title="Nothing in this order">Go back to Ask and say what it is to be.</Nothing>;
  }
  return item.beingMade ? (
    <div className="grid min-h-0 grid-cols-[1fr_326px]">
      <Nothing title={`${item.label} is being made`}>
        <p>The customer said yes to it. To change it, open it again from the docket.</p>
      </Nothing>
      <aside className="min-h-0 overflow-auto border-l border-rule bg-ground p-4" aria-label="Lettering">
        <Items docket={docket} current={item.nth} />
      </aside>
    </div>
  ) : (
    <Desk key={item.nth} docket={docket} item={item} />
  );
}
