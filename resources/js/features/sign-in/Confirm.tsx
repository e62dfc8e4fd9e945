import { useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { Link, Navigate, useParams } from 'react-router';
import { client, take } from '../../api/client';
import { useSession } from '../../api/hooks';
import { t } from '../../lang/sign-in';
import { takeBound } from './bound';
import { Door } from './Door';

/** Where the link in the letter leads: opens the account when asked to, not when a mail program looks at the link. */
export default function Confirm() {
  const { token = '' } = useParams();
  const session = useSession();
  const queries = useQueryClient();
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  if (session.data?.user) return <Navigate to={takeBound()} replace />;

  async function open() {
    setBusy(true);
    setProblem(null);
    try {
      queries.setQueryData(['session'], await take(client.POST('/api/account/confirm', { body: { token } })));
    } catch (error) {
      setProblem((error as Error).message);
    } finally {
      setBusy(false);
    }
  }

  return (
    <Door title={t('confirm.open-your-account')}>
      <p>{t('confirm.one-press-and-you')}</p>
      {problem && (
        <p className="sign-in-problem" role="alert">
          {problem}
        </p>
      )}
      <Button type="primary" size="large" block loading={busy} onClick={() => void open()}>
        {t('confirm.open-account')}
      </Button>
      <p>
        <Link to="/register">{t('confirm.start-again')}</Link>
      </p>
    </Door>
  );
}
