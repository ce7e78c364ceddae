import { useQuery } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { drying, morning } from '../../api/queries';
import { stationName } from '../../frame/stations';
import { Ready, Scroll } from '../../parts/basics';
import { asDay, asMoment, until, useNow } from '../../parts/time';
import { letterSays } from '../letters';

/** The page for the morning: what is done first and why, what is late, ready, asked for, dry and low. */
export function Morning() {
  const query = useQuery(morning);
  return (
    <Ready query={query} what="the morning">
      {(list) => <Today list={list} />}
    </Ready>
  );
}

function Today({ list }: { list: Schemas['MorningView'] }) {
  const { data } = useQuery(drying);
  const now = useNow(20_000);
  const dry = (data?.shelf ?? []).filter((one) => one.until === null || until(one.until, now) === null);
  return (
    <Scroll label="The morning" className="h-full bg-paper px-8 py-5">
      {list.notices.map((says) => (
        <p key={says} role="alert" className="mb-4 border-2 border-signal px-4 py-2.5 font-semibold text-signal-ink">
          {says}
        </p>
      ))}
      <div className="grid grid-cols-[3fr_2fr] gap-10 max-lg:grid-cols-1">
        <section aria-label="First">
          <h2 className="title mb-2">First</h2>
          {!list.planned && <p className="text-ink2">The week is being planned …</p>}
          {list.planned && list.first.length === 0 && <p className="text-ink2">Nothing waits for hands.</p>}
          <ol>
            {list.first.map(({ entry, order, why }, nth) => (
              <li key={`${entry.docket}-${entry.key}`} className="border-t border-rule">
                <Link
                  to={`?docket=${entry.docket}`}
                  className="grid min-h-12 grid-cols-[2rem_9.5rem_1fr] items-baseline gap-3 py-2 hover:bg-shade"
                >
                  <span className="font-label text-mark font-semibold">{nth + 1}</span>
                  <span>
                    {asMoment(entry.from)}
                    <span className="block text-sm text-ink2">{stationName(entry.station as Schemas['Station'])}</span>
                  </span>
                  <span>
                    <b className="font-semibold">{order.label}</b>{' '}
                    <span className="text-ink2">
                      {order.tag}, {order.customer}
                    </span>
                    <span className="block">
                      {entry.says}: {why}
                    </span>
                  </span>
                </Link>
              </li>
            ))}
          </ol>
          <Link to="/week" className="mt-3 inline-block underline">
            The whole week
          </Link>
          <Link to="/pictures" className="mt-3 ml-6 inline-block underline">
            Pictures of the shop
          </Link>
        </section>
        <div>
          <Part title="Late by the plan" many={list.late.length} none="Nothing." signal>
            {list.late.map((order) => (
              <Row key={order.docket} to={`?docket=${order.docket}`} tag={order.tag} label={order.label}>
                used {asDay(order.due)}, ready {asDay(order.ready)}
              </Row>
            ))}
          </Part>
          {list.letters.length > 0 && (
            <Part title="Letters that did not go out" many={list.letters.length} none="" signal>
              {list.letters.map((one) => (
                <Row key={one.link} to={`/proof/${one.number}`} tag={one.tag} label={`to ${one.to}`}>
                  {letterSays(one.letter)}
                </Row>
              ))}
            </Part>
          )}
          <Part title="To be handed over" many={list.handOver.length} none="Nothing is ready.">
            {list.handOver.map((order) => (
              <Row key={order.number} to={`/send?thing=${order.thing}`} tag="" label={order.label}>
                {order.customer}, {order.things === 1 ? 'one thing' : `${order.things} things`}
              </Row>
            ))}
          </Part>
          <Part title="Customers asked" many={list.asked.length} none="Nothing new.">
            {list.asked.map((one) => (
              <Row key={`${one.number}${one.at}`} to={`/proof/${one.number}`} tag={one.tag} label={`“${one.note}”`}>
                {one.by}, {asMoment(one.at)}
              </Row>
            ))}
          </Part>
          <Part title="Dry: go on with it" many={dry.length} none="Nothing yet.">
            {dry.slice(0, 6).map((one) => (
              <Row
                key={`${one.tag}${one.next}`}
                to={one.thing === null ? '/drying' : `/${one.at}?thing=${one.thing}`}
                tag={one.tag}
                label={one.next}
              >
                {one.label}
              </Row>
            ))}
          </Part>
          <Part title="Low on the shelf" many={list.low.length} none="Enough of everything.">
            {list.low.map((one) => (
              <Row key={one.name} to="/stock" tag="" label={one.name}>
                {one.says}
              </Row>
            ))}
          </Part>
        </div>
      </div>
    </Scroll>
  );
}

function Part({
  title,
  many,
  none,
  signal = false,
  children,
}: {
  title: string;
  many: number;
  none: string;
  signal?: boolean;
  children: ReactNode;
}) {
  return (
    <section className="mb-5" aria-label={title}>
      <h2 className={`label mb-1 ${signal && many > 0 ? 'text-signal-ink' : ''}`}>
        {title}
        {many > 0 && ` · ${many}`}
      </h2>
      {many === 0 ? <p className="text-ink2">{none}</p> : <ul>{children}</ul>}
    </section>
  );
}

function Row({ to, tag, label, children }: { to: string; tag: string; label: string; children: ReactNode }) {
  return (
    <li className="border-t border-rule">
      <Link to={to} className="block py-1.5 hover:bg-shade">
        {tag && <span className="mr-2 text-ink2">{tag}</span>}
        <b className="font-semibold">{label}</b>
        <span className="block text-note text-ink2">{children}</span>
      </Link>
    </li>
  );
}
