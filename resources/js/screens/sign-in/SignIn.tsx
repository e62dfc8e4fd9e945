import './sign-in.css';
import { useQueryClient } from '@tanstack/react-query';
import { Button, Checkbox, Form, Input } from 'antd';
import { useState } from 'react';
import { Link, Navigate, useSearchParams } from 'react-router';
import { client, type Session, take } from '../../api/client';
import { useSession } from '../../api/hooks';
import { useTitle } from '../../parts/useTitle';
import { Wordmark } from '../../shell/TopBar';
import { Approach } from './Approach';
import { boundIn } from './bound';

type Entry = { email: string; password: string; remember: boolean };

export default function SignIn() {
  useTitle('Sign in');
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
        <h1>Keep it sharp while it moves</h1>
        <p className="quiet">Say what is coming, how fast and through what. Get the hold for it, and why.</p>
        <Form<Entry>
          layout="vertical"
          requiredMark={false}
          initialValues={{ email: '', password: '', remember: true }}
          onFinish={(entry) => enter('sign-in', () => take(client.POST('/api/session', { body: entry })))}
        >
          <Form.Item
            name="email"
            label="E-mail"
            rules={[
              { required: true, message: 'Enter your e-mail address.' },
              { type: 'email', message: 'That does not look like an e-mail address.' },
            ]}
          >
            <Input type="email" autoComplete="username" size="large" />
          </Form.Item>
          <Form.Item
            name="password"
            label="Password"
            rules={[{ required: true, message: 'Enter your password.' }]}
          >
            <Input.Password autoComplete="current-password" size="large" />
          </Form.Item>
          <Form.Item name="remember" valuePropName="checked">
            <Checkbox>Stay signed in on this device</Checkbox>
          </Form.Item>
          {problem && (
            <p className="sign-in-problem" role="alert">
              {problem}
            </p>
          )}
          <Button type="primary" htmlType="submit" size="large" block loading={busy === 'sign-in'}>
            Sign in
          </Button>
        </Form>
        <p className="sign-in-ways">
          <Link to={to === '/' ? '/register' : `/register?to=${encodeURIComponent(to)}`}>
            Create an account
          </Link>
          <Link to="/forgotten-password">Forgotten your password?</Link>
        </p>
        {session.data?.demo_available && (
          <div className="sign-in-demo">
            <Button
              size="large"
              block
              loading={busy === 'demo'}
              onClick={() => void enter('demo', () => take(client.POST('/api/session/demo')))}
            >
              Try the demo
            </Button>
            <p className="quiet">
              A sea-cliff reserve in June and a muddy race in autumn. Everything in it is made up.
            </p>
          </div>
        )}
      </section>
      <Approach />
    </main>
  );
}
