import { Link } from 'react-router';
import { useOutings } from '../../api/outings';

/** The outings a rush is part of, and the way to one. */
export function InOutings({ rush }: { rush: string }) {
  const outings = useOutings(rush).data;
  if (!outings) return null;
  return (
    <p className="in-outings">
      {outings.length > 0 && 'In '}
      {outings.slice(0, 4).map((outing, i) => (
        <span key={outing.id}>
          {i > 0 && ', '}
          <Link to={`/outings/${outing.id}`}>{outing.name || 'an outing'}</Link>
        </span>
      ))}
      {outings.length > 0 && '. '}
      <Link to={`/outings/new?rush=${rush}`}>Plan an outing for it</Link>
    </p>
  );
}
