import { useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { client, take } from '../../api/client';
import { useTitle } from '../../parts/useTitle';
import { Door } from './Door';

/** Where the letter to a new address leads: the address counts when asked to, not when a mail program looks at the link. */
export default function ConfirmAddress() {
  useTitle('Your new address');
  const { token = '' } = useParams();
  const queries = useQueryClient();
  const [stage, setStage] = useState<'asked' | 'busy' | 'done'>('asked');
  const [problem, setProblem] = useState<string | null>(null);

  async function confirm() {
    setStage('busy');
    setProblem(null);
    try {
      await take(client.POST('/api/account/email/confirm', { body: { token } }));
      void queries.invalidateQueries({ queryKey: ['session'] });
      setStage('done');
    } catch (error) {
      setProblem((error as Error).message);
      setStage('asked');
    }
  }

  return (
    <Door title="Your new address">
      {stage === 'done' ? (
        <p>From now on you sign in with it.</p>
      ) : (
        <>
          <p>One press, and your account goes by this address.</p>
          {problem && (
            <p className="sign-in-problem" role="alert">
              {problem}
            </p>
          )}
          <Button type="primary" size="large" block loading={stage === 'busy'} onClick={() => void confirm()}>
            Use this address
          </Button>
        </>
      )}
      <p>
        <Link to="/">To Rush Hold</Link>
      </p>
    </Door>
  );
}
