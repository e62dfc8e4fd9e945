import './sign-in.css';
import { useQueryClient } from '@tanstack/react-query';
import { Button, Checkbox, Form, Input } from 'antd';
import { useState } from 'react';
import { Link, Navigate, useSearchParams } from 'react-router';
import { client, type Session, take } from '../../api/client';
import { useSession } from '../../api/hooks';
import { t } from '../../lang/sign-in';
import { Wordmark } from '../../ui/bar/TopBar';
import { useTitle } from '../../ui/useTitle';
import { Approach } from './Approach';
import { boundIn } from './bound';
import { Languages } from './Languages';

type Entry = { email: string; password: string; remember: boolean };

export default function SignIn() {
  useTitle(t('sign-in.sign-in'));
  const session = useSession();
  const queries = useQueryClient();
  const [params] = useSearchParams();
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState<'sign-in' | 'demo' | null>(null);
  const to = boundIn(params);

  if (session.data?.user) return <Navigate to={to} replace />;

  async function enter(how: 'sign-in' | 'demo', call: () => Promise<Session>) {
    setBusy(how);
    setProblem(null);
    try {
      queries.setQueryData(['session'], await call());
    } catch (error) {
      setProblem((error as Error).message);
    } finally {
      setBusy(null);
    }
  }

  return (
    <main className="sign-in">
      <section className="sign-in-form">
        <Wordmark />
        <h1>{t('sign-in.keep-it-sharp-while')}</h1>
        <p className="quiet">{t('sign-in.say-what-is-coming')}</p>
        <Form<Entry>
          layout="vertical"
          requiredMark={false}
          initialValues={{ email: '', password: '', remember: true }}
          onFinish={(entry) => enter('sign-in', () => take(client.POST('/api/session', { body: entry })))}
        >
          <Form.Item
            name="email"
            label={t('sign-in.e-mail')}
            rules={[
              { required: true, message: t('sign-in.enter-your-e-mail') },
              { type: 'email', message: t('sign-in.that-does-not-look') },
            ]}
          >
            <Input type="email" autoComplete="username" size="large" />
          </Form.Item>
          <Form.Item
            name="password"
            label={t('sign-in.password')}
            rules={[{ required: true, message: t('sign-in.enter-your-password') }]}
          >
            <Input.Password autoComplete="current-password" size="large" />
          </Form.Item>
          <Form.Item name="remember" valuePropName="checked">
            <Checkbox>{t('sign-in.stay-signed-in-on')}</Checkbox>
          </Form.Item>
          {problem && (
            <p className="sign-in-problem" role="alert">
              {problem}
            </p>
          )}
          <Button type="primary" htmlType="submit" size="large" block loading={busy === 'sign-in'}>
            {t('sign-in.sign-in')}
          </Button>
        </Form>
        <p className="sign-in-ways">
          <Link to={to === '/' ? '/register' : `/register?to=${encodeURIComponent(to)}`}>
            {t('sign-in.create-an-account')}
          </Link>
          <Link to="/forgotten-password">{t('sign-in.forgotten-your-password')}</Link>
        </p>
        {session.data?.demo_available && (
          <div className="sign-in-demo">
            <Button
              size="large"
              block
              loading={busy === 'demo'}
              onClick={() => void enter('demo', () => take(client.POST('/api/session/demo')))}
            >
              {t('sign-in.try-the-demo')}
            </Button>
            <p className="quiet">{t('sign-in.a-sea-cliff-reserve')}</p>
          </div>
        )}
        <Languages />
      </section>
      <Approach />
    </main>
  );
}
