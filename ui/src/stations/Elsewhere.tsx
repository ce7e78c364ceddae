import { Link } from 'react-router';
import type { Docket } from '../api/client';
import { stationName } from '../frame/stations';
import { Nothing } from '../parts/basics';

/** A docket opened where it does not stand any more. */
export function Elsewhere({ docket, says }: { docket: Docket; says: string }) {
  return (
    <Nothing title={`${docket.tag} ${says}`}>
      {docket.station ? (
        <Link className="underline" to={`/${docket.station}`}>
          It stands at {stationName(docket.station)}.
        </Link>
      ) : (
        <p>It is {docket.state}.</p>
      )}
    </Nothing>
  );
}
