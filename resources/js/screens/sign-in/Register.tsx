import { useQueryClient } from '@tanstack/react-query';
import { Button, Form, Input } from 'antd';
import { useState } from 'react';
import { Link, Navigate } from 'react-router';
import { client, take } from '../../api/client';
import { useSession } from '../../api/hooks';
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
      <Door title="Check your email">
        <p role="status">
          An email to {mailed} is on its way. The link in it opens your account; it is good for a day.
        </p>
        <p className="quiet">Nothing there? Check your spam folder, or try again.</p>
        <p>
          <Button onClick={() => setMailed(null)}>Back</Button>
        </p>
      </Door>
    );
  }

  return (
    <Door title="Create an account">
      <p className="quiet">
        It keeps your rushes, your kit and how you work. Take all of it with you whenever you like.
      </p>
      <Form<Entry> layout="vertical" requiredMark={false} onFinish={(entry) => void open(entry)}>
        <Form.Item name="name" label="Name" rules={[{ required: true, message: 'Enter a name.' }]}>
          <Input autoComplete="name" size="large" maxLength={80} />
        </Form.Item>
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
          extra="At least ten characters; a few words are easy to remember."
          rules={[{ required: true, min: 10, message: 'At least ten characters.' }]}
        >
          <Input.Password autoComplete="new-password" size="large" />
        </Form.Item>
        {problem && (
          <p className="sign-in-problem" role="alert">
            {problem}
          </p>
        )}
        <Button type="primary" htmlType="submit" size="large" block loading={busy}>
          Open account
        </Button>
      </Form>
      <p>
        <Link to={`/sign-in${to === '/' ? '' : `?to=${encodeURIComponent(to)}`}`}>Sign in instead</Link>
      </p>
    </Door>
  );
}
