import { Link, useLocation } from 'react-router';
import { t } from '../../lang/bar';
import { useOnline } from '../useOnline';
import { DESK } from './keyTable';

/** Without a connection every page says so, and the way to what works without one; it goes by itself once there is one again. */
export function Offline() {
  const online = useOnline();
  const { pathname } = useLocation();
  // The desk goes on with what it has, and says so itself.
  if (online || DESK.test(pathname)) return null;
  return (
    <p className="offline" role="status">
      {t.rich('offline.no-connection-cards-on', { link: (text) => <Link to="/card">{text}</Link> })}{' '}
      <button type="button" onClick={() => window.location.reload()}>
        {t('offline.try-again')}
      </button>
    </p>
  );
}
