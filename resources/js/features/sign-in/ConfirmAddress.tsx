import { useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { client, take } from '../../api/client';
import { t } from '../../lang/sign-in';
import { useTitle } from '../../ui/useTitle';
import { Door } from './Door';

/** Where the letter to a new address leads: the address counts when asked to, not when a mail program looks at the link. */
export default function ConfirmAddress() {
  useTitle(t('confirm-address.your-new-address'));
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
    <Door title={t('confirm-address.your-new-address')}>
      {stage === 'done' ? (
        <p>{t('confirm-address.from-now-on-you')}</p>
      ) : (
        <>
          <p>{t('confirm-address.one-press-and-your')}</p>
          {problem && (
            <p className="sign-in-problem" role="alert">
              {problem}
            </p>
          )}
          <Button type="primary" size="large" block loading={stage === 'busy'} onClick={() => void confirm()}>
            {t('confirm-address.use-this-address')}
          </Button>
        </>
      )}
      <p>
        <Link to="/">{t('confirm-address.to-rush-hold')}</Link>
      </p>
    </Door>
  );
}
