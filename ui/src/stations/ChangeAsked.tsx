import { Link } from 'react-router';

/** A taken order is changed where it was asked, from wherever it is in hand. */
export function ChangeAsked({ docket, onGo }: { docket: number; onGo?: () => void }) {
  return (
    <Link
      to={`/ask/${docket}`}
      onClick={onGo}
      className="inline-flex items-center text-note underline max-xl:min-h-12 max-xl:min-w-12"
    >
      Change what was asked
    </Link>
  );
}
