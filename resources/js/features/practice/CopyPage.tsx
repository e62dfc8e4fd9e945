import './practice.css';
import { Button } from 'antd';
import { Link, useParams } from 'react-router';
import { useSession } from '../../api/hooks';
import { useOffered } from '../../api/practice';
import { label } from '../../lang/labels';
import { t } from '../../lang/practice';
import { Failed } from '../../ui/bar/Messages';
import { Wordmark } from '../../ui/bar/TopBar';
import { useTitle } from '../../ui/useTitle';
import { copied, useTakeCopy } from './useTakeCopy';

/** What somebody offers, to be taken into one’s own account. */
export default function CopyPage() {
  const { secret = '' } = useParams();
  const offered = useOffered(secret);
  const session = useSession();
  const { busy, takeIt } = useTakeCopy();
  const copy = offered.data;
  useTitle(copy?.name ?? t('copy-page.a-copy-for-you'));
  const signedIn = session.data?.user != null;

  return (
    <main className="copy-page">
      <Wordmark />
      {offered.isError && <Failed message={offered.error.message} />}
      {copy && (
        <>
          <h1>{copy.kind === 'drill' ? label('exercise', copy.name) : copy.name}</h1>
          <p>
            {t('copy-page.offers-you', {
              from: copy.from || t('copy-page.somebody'),
              copied: copied[copy.kind],
              isKind: copy.kind === 'drill' ? 'yes' : 'no',
            })}
          </p>
          {signedIn ? (
            <Button type="primary" size="large" loading={busy} onClick={() => void takeIt(copy)}>
              {copy.kind === 'drill' ? t('copy-page.play-it') : t('copy-page.copy-it-into-my')}
            </Button>
          ) : (
            <p>
              {t.rich('copy-page.sign-in-or-open', {
                link: (text) => (
                  <Link to={`/sign-in?to=${encodeURIComponent(`/copy/${secret}`)}`}>{text}</Link>
                ),
                link2: (text) => (
                  <Link to={`/register?to=${encodeURIComponent(`/copy/${secret}`)}`}>{text}</Link>
                ),
              })}
            </p>
          )}
          <p className="quiet">{t('copy-page.it-becomes-yours-what')}</p>
        </>
      )}
    </main>
  );
}
