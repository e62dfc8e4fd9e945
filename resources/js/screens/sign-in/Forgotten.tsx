import { Button, Form, Input } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { client, take } from '../../api/client';
import { Door } from './Door';

export default function Forgotten() {
  const [sent, setSent] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);

  async function ask({ email }: { email: string }) {
    setBusy(true);
    setProblem(null);
    try {
      await take(client.POST('/api/account/forgotten', { body: { email } }));
      setSent(email);
    } catch (error) {
      setProblem((error as Error).message);
    } finally {
      setBusy(false);
    }
  }

  return (
    <Door title="A new password">
      {sent ? (
        <p role="status">
          If there is an account with {sent}, an email with a link is on its way. The link is good for an
          hour.
        </p>
      ) : (
        <>
          <p className="quiet">
            Enter the address of your account; a link to choose a new password is mailed there.
          </p>
          <Form layout="vertical" requiredMark={false} onFinish={(entry) => void ask(entry)}>
            <Form.Item
              name="email"
              label="E-mail"
              rules={[{ required: true, type: 'email', message: 'Enter your e-mail address.' }]}
            >
              <Input type="email" autoComplete="username" size="large" />
            </Form.Item>
            {problem && (
              <p className="sign-in-problem" role="alert">
                {problem}
              </p>
            )}
            <Button type="primary" htmlType="submit" size="large" block loading={busy}>
              Send the link
            </Button>
          </Form>
        </>
      )}
      <p>
        <Link to="/sign-in">Back to signing in</Link>
      </p>
    </Door>
  );
}
