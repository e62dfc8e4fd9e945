import './practice.css';
import { App, Button } from 'antd';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { client, take } from '../../api/client';
import { useSession } from '../../api/hooks';
import { outingActions } from '../../api/outings';
import { type OfferedCopy, useOffered } from '../../api/practice';
import { useTitle } from '../../parts/useTitle';
import { label } from '../../parts/words';
import { Failed } from '../../shell/Messages';
import { Wordmark } from '../../shell/TopBar';
import { placeOf } from './drills';

const what: Record<OfferedCopy['kind'], string> = {
  drill: 'a turn of a drill',
  rush: 'a rush',
  hold: 'a rush with its hold',
  layout: 'a body with its buttons',
  card: 'an outing with its card',
};

/** What somebody offers, to be taken into one’s own account. */
export default function CopyPage() {
  const { secret = '' } = useParams();
  const offered = useOffered(secret);
  const session = useSession();
  const navigate = useNavigate();
  const { message } = App.useApp();
  const [busy, setBusy] = useState(false);
  const copy = offered.data;
  useTitle(copy?.name ?? 'A copy for you');
  const signedIn = session.data?.user != null;

  async function takeIt(of: OfferedCopy) {
    // What it is was checked when it was offered, and is checked again as it is kept.
    const document = of.document as never;
    setBusy(true);
    try {
      if (of.kind === 'drill') {
        const drill = (of.document as { drill?: string }).drill ?? 'still';
        navigate(placeOf(drill), { state: { document: of.document } });
      } else if (of.kind === 'layout') {
        const made = await take(
          client.POST('/api/kit/{type}', { params: { path: { type: 'bodies' } }, body: { document } }),
        );
        navigate(`/kit/bodies/${made.id}`);
      } else if (of.kind === 'card') {
        const made = await outingActions.upload(asFile(of.document));
        navigate(`/outings/${made.id}`);
      } else {
        const body =
          of.kind === 'hold'
            ? { document: (of.document as { rush: never }).rush, pins: (of.document as { pins: never }).pins }
            : { document };
        const made = await take(client.POST('/api/rushes', { body }));
        navigate(`/rushes/${made.id}`);
      }
    } catch (error) {
      message.error((error as Error).message);
    } finally {
      setBusy(false);
    }
  }

  return (
    <main className="copy-page">
      <Wordmark />
      {offered.isError && <Failed message={offered.error.message} />}
      {copy && (
        <>
          <h1>{copy.kind === 'drill' ? label('exercise', copy.name) : copy.name}</h1>
          <p>
            {copy.from || 'Somebody'} offers you {what[copy.kind]}.
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

const asFile = (document: unknown) =>
  new File([JSON.stringify(document)], 'outing.json', { type: 'application/json' });
