import { useQueryClient } from '@tanstack/react-query';
import { Button, Form, Input } from 'antd';
import { useState } from 'react';
import { Link, Navigate } from 'react-router';
import { client, take } from '../../api/client';
import { useSession } from '../../api/hooks';
import { t } from '../../lang/sign-in';
import { rememberBound, useBound } from './bound';
import { Door } from './Door';

type Entry = { name: string; email: string; password: string };

export default function Register() {
  const session = useSession();
  const queries = useQueryClient();
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const [mailed, setMailed] = useState<string | null>(null);
  const to = useBound();
  if (session.data?.user) return <Navigate to={to} replace />;

  async function open(body: Entry) {
    setBusy(true);
    setProblem(null);
    try {
      const opened = await take(client.POST('/api/account', { body }));
      // Where letters are sent, the account is opened by the link in one.
      if (opened.user) queries.setQueryData(['session'], opened);
      else {
        // The link in the letter opens another window; that one goes on to where this one was bound.
        rememberBound(to);
        setMailed(body.email);
      }
    } catch (error) {
      setProblem((error as Error).message);
    } finally {
      setBusy(false);
    }
  }

  if (mailed) {
    return (
      <Door title={t('register.check-your-email')}>
        <p role="status">{t('register.an-email-to-is', { mailed })}</p>
        <p className="quiet">{t('register.nothing-there-check-your')}</p>
        <p>
          <Button onClick={() => setMailed(null)}>{t('register.back')}</Button>
        </p>
      </Door>
    );
  }

  return (
    <Door title={t('register.create-an-account')}>
      <p className="quiet">{t('register.it-keeps-your-rushes')}</p>
      <Form<Entry> layout="vertical" requiredMark={false} onFinish={(entry) => void open(entry)}>
        <Form.Item
          name="name"
          label={t('register.name')}
          rules={[{ required: true, message: t('register.enter-a-name') }]}
        >
          <Input autoComplete="name" size="large" maxLength={80} />
        </Form.Item>
        <Form.Item
          name="email"
          label={t('register.e-mail')}
          rules={[
            { required: true, message: t('register.enter-your-e-mail') },
            { type: 'email', message: t('register.that-does-not-look') },
          ]}
        >
          <Input type="email" autoComplete="username" size="large" />
        </Form.Item>
        <Form.Item
          name="password"
          label={t('register.password')}
          extra={t('register.at-least-ten-characters')}
          rules={[{ required: true, min: 10, message: t('register.at-least-ten-characters-2') }]}
        >
          <Input.Password autoComplete="new-password" size="large" />
        </Form.Item>
        {problem && (
          <p className="sign-in-problem" role="alert">
            {problem}
          </p>
        )}
        <Button type="primary" htmlType="submit" size="large" block loading={busy}>
          {t('register.open-account')}
        </Button>
      </Form>
      <p>
        <Link to={`/sign-in${to === '/' ? '' : `?to=${encodeURIComponent(to)}`}`}>
          {t('register.sign-in-instead')}
        </Link>
      </p>
    </Door>
  );
}
