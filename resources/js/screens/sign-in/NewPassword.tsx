import { App, Button, Form, Input } from 'antd';
import { useState } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { client, take } from '../../api/client';
import { Door } from './Door';

export default function NewPassword() {
  const { token = '' } = useParams();
  const [params] = useSearchParams();
  const navigate = useNavigate();
  const { message } = App.useApp();
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);

  async function choose({ password }: { password: string }) {
    setBusy(true);
    setProblem(null);
    try {
      await take(
        client.POST('/api/account/reset', { body: { token, email: params.get('email') ?? '', password } }),
      );
      message.success('Changed. Sign in with your new password.');
      navigate('/sign-in');
    } catch (error) {
      setProblem((error as Error).message);
    } finally {
      setBusy(false);
    }
  }

  return (
    <Door title="Choose a new password">
      <p className="quiet">For {params.get('email') ?? 'your account'}. All devices are signed out.</p>
      <Form layout="vertical" requiredMark={false} onFinish={(entry) => void choose(entry)}>
        <Form.Item
          name="password"
          label="New password"
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
          Save it
        </Button>
      </Form>
      <p>
        <Link to="/forgotten-password">Ask for another link</Link>
      </p>
    </Door>
  );
}
