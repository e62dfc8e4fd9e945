import './practice.css';
import { Button } from 'antd';
import { Link, useParams } from 'react-router';
import { useSession } from '../../api/hooks';
import { useOffered } from '../../api/practice';
import { useTitle } from '../../parts/useTitle';
import { label } from '../../parts/words';
import { Failed } from '../../shell/Messages';
import { Wordmark } from '../../shell/TopBar';
import { copied, useTakeCopy } from './useTakeCopy';

/** What somebody offers, to be taken into one’s own account. */
export default function CopyPage() {
  const { secret = '' } = useParams();
  const offered = useOffered(secret);
  const session = useSession();
  const { busy, takeIt } = useTakeCopy();
  const copy = offered.data;
  useTitle(copy?.name ?? 'A copy for you');
  const signedIn = session.data?.user != null;

  return (
    <main className="copy-page">
      <Wordmark />
      {offered.isError && <Failed message={offered.error.message} />}
      {copy && (
        <>
          <h1>{copy.kind === 'drill' ? label('exercise', copy.name) : copy.name}</h1>
          <p>
            {copy.from || 'Somebody'} offers you {copied[copy.kind]}.
            {copy.kind === 'drill' && ' It is the same for everybody who plays it.'}
          </p>
          {signedIn ? (
            <Button type="primary" size="large" loading={busy} onClick={() => void takeIt(copy)}>
              {copy.kind === 'drill' ? 'Play it' : 'Copy it into my account'}
            </Button>
          ) : (
            <p>
              <Link to={`/sign-in?to=${encodeURIComponent(`/copy/${secret}`)}`}>Sign in</Link> or{' '}
              <Link to={`/register?to=${encodeURIComponent(`/copy/${secret}`)}`}>open an account</Link>; you
              come back here.
            </p>
          )}
          <p className="quiet">It becomes yours: what you change stays with you, and they do not see it.</p>
        </>
      )}
    </main>
  );
}
