import { Button } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Hold } from '../../api/client';
import { useOutings } from '../../api/outings';
import { t } from '../../lang/desk';
import { LogByHand } from '../outing/door';

/** The outings a rush is part of, and the way to one. */
export function InOutings({ rush, name, hold }: { rush: string; name: string; hold: Hold | undefined }) {
  const [logging, setLogging] = useState(false);
  const outings = useOutings(rush).data;
  if (!outings) return null;
  return (
    <p className="in-outings">
      {outings.length > 0 &&
        t.rich('in-outings.in', {
          outings: outings.slice(0, 4).map((outing, i) => (
            <span key={outing.id}>
              {i > 0 && ', '}
              <Link to={`/outings/${outing.id}`}>{outing.name || t('in-outings.an-outing')}</Link>
            </span>
          )),
        })}{' '}
      {t.rich('in-outings.plan-or-log', {
        plan: (text) => <Link to={`/outings/new?rush=${rush}`}>{text}</Link>,
        log: (text) => (
          <Button type="link" size="small" className="in-log" onClick={() => setLogging(true)}>
            {text}
          </Button>
        ),
      })}
      {logging && (
        <LogByHand
          shot={{ outing_id: null, rush_id: rush, rush: name, at: new Date().toISOString(), hold }}
          likely={null}
          onClose={() => setLogging(false)}
        />
      )}
    </p>
  );
}
