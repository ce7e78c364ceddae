import { useQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import type { Docket } from '../../api/client';
import { docket as docketQuery } from '../../api/queries';
import { Move, Nothing, Ready } from '../../parts/basics';
import { TextField } from '../../parts/fields';
import { Elsewhere } from '../Elsewhere';
import { StationList } from '../StationList';
import { AskAside } from './AskAside';
import { ItemFields } from './ItemFields';
import { ItemTabs } from './ItemTabs';
import { OrderFields } from './OrderFields';
import { useAskDesk } from './useAskDesk';
import { WhichCustomer } from './WhichCustomer';

/** What was being typed when the page was left or lost, until it is kept on a docket. */
export function Ask() {
  const { number } = useParams();
  const opened = useQuery({ ...docketQuery(Number(number)), enabled: Boolean(number) && number !== 'new' });
  return (
    <div className="grid h-full grid-cols-[232px_1fr] grid-rows-[minmax(0,1fr)]">
      <StationList
        title="Begun, not taken yet"
        station="ask"
        current={Number(number)}
        to={(row) => `/ask/${row.number}`}
      >
        <Link to="/ask/new" className="row-link font-semibold" aria-current={number === 'new' ? 'true' : undefined}>
          New order <kbd>N</kbd>
        </Link>
      </StationList>
      {number === undefined ? (
        <Nothing title="Who is at the counter?">
          <p>Begin a new order with N, or go on with one that was begun.</p>
        </Nothing>
      ) : number === 'new' ? (
        <Form key="new" docket={null} />
      ) : (
        <Ready query={opened} what="the docket">
          {(docket) =>
            docket.state === 'cancelled' || docket.state === 'done' ? (
              <Elsewhere docket={docket} says="is over" />
            ) : (
              <Form key={`${docket.number} ${docket.state === 'asking'}`} docket={docket} />
            )
          }
        </Ready>
      )}
    </div>
  );
}

function Form({ docket }: { docket: Docket | null }) {
  const desk = useAskDesk(docket);
  const { taken, items, at, answers, live, customers, namesakes, change, set, wrong, refusedOf, add } = desk;
  return (
    <div className="grid min-h-0 grid-cols-[1fr_330px] grid-rows-[minmax(0,1fr)]">
      <form
        id="ask"
        className="relative min-h-0 overflow-auto bg-paper px-7 py-4"
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          desk.submit();
        }}
      >
        <h2 className="title mb-3">{taken ? `Change ${docket?.tag}` : docket ? `Order ${docket.tag}` : 'New order'}</h2>
        <div className="grid max-w-[760px] grid-cols-6 gap-x-4 gap-y-3">
          <div className="col-span-3">
            <TextField
              label="Who"
              value={answers.customer}
              onChange={desk.setCustomer}
              says={wrong('customer')}
              list={[...new Set(customers.map((one) => one.name))]}
              autoFocus
            />
          </div>
          <div className="col-span-3">
            <TextField label="Reached at" value={answers.contact} onChange={set('contact')} says={wrong('contact')} />
          </div>
          {namesakes.length > 0 && !(taken && answers.customer === docket?.customer) && (
            <WhichCustomer
              name={answers.customer.trim()}
              namesakes={namesakes}
              known={answers.known}
              onKnown={(known, contact) => change({ known, contact: answers.contact || contact })}
              says={desk.knownSays}
            />
          )}
          {items.length > 1 && (
            <ItemTabs
              items={items}
              at={at}
              wrong={(nth) => Object.keys(refusedOf(nth)).length > 0}
              onChoose={desk.setAt}
              onLeaveOut={desk.leaveOut}
            />
          )}
          <ItemFields
            key={at}
            answers={answers}
            names={live?.names ?? 0}
            rows={live?.rows ?? []}
            change={change}
            wrong={wrong}
          />
          <div className="col-span-6 border-t border-ink pt-3">
            <Move onClick={add} keys="A">
              Add an item to this order
            </Move>
          </div>
          <OrderFields answers={answers} change={change} wrong={wrong} />
        </div>
      </form>
      <AskAside desk={desk} />
      {desk.anew.dialog}
    </div>
  );
}
