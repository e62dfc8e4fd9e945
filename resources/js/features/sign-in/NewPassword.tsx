import { App, Button, Form, Input } from 'antd';
import { useState } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { client, take } from '../../api/client';
import { t } from '../../lang/sign-in';
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
      message.success(t('new-password.changed-sign-in-with'));
      navigate('/sign-in');
    } catch (error) {
      setProblem((error as Error).message);
    } finally {
      setBusy(false);
    }
  }

  return (
    <Door title={t('new-password.choose-a-new-password')}>
      <p className="quiet">
        {t('new-password.for-all-devices-are', {
          params: params.get('email') ?? t('new-password.your-account'),
        })}
      </p>
      <Form layout="vertical" requiredMark={false} onFinish={(entry) => void choose(entry)}>
        <Form.Item
          name="password"
          label={t('new-password.new-password')}
          extra={t('new-password.at-least-ten-characters')}
          rules={[{ required: true, min: 10, message: t('new-password.at-least-ten-characters-2') }]}
        >
          <Input.Password autoComplete="new-password" size="large" />
        </Form.Item>
        {problem && (
          <p className="sign-in-problem" role="alert">
            {problem}
          </p>
        )}
        <Button type="primary" htmlType="submit" size="large" block loading={busy}>
          {t('new-password.save-it')}
        </Button>
      </Form>
      <p>
        <Link to="/forgotten-password">{t('new-password.ask-for-another-link')}</Link>
      </p>
    </Door>
  );
}
