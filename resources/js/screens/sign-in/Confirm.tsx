import { useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { Link, Navigate, useParams } from 'react-router';
import { client, take } from '../../api/client';
import { useSession } from '../../api/hooks';
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
    <Door title="Open your account">
      <p>One press, and you are in.</p>
      {problem && (
        <p className="sign-in-problem" role="alert">
          {problem}
        </p>
      )}
      <Button type="primary" size="large" block loading={busy} onClick={() => void open()}>
        Open account
      </Button>
      <p>
        <Link to="/register">Start again</Link>
      </p>
    </Door>
  );
}
