import { Button, Form, Input } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { client, take } from '../../api/client';
import { t } from '../../lang/sign-in';
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
    <Door title={t('forgotten.a-new-password')}>
      {sent ? (
        <p role="status">{t('forgotten.if-there-is-an', { sent })}</p>
      ) : (
        <>
          <p className="quiet">{t('forgotten.enter-the-address-of')}</p>
          <Form layout="vertical" requiredMark={false} onFinish={(entry) => void ask(entry)}>
            <Form.Item
              name="email"
              label={t('forgotten.e-mail')}
              rules={[{ required: true, type: 'email', message: t('forgotten.enter-your-e-mail') }]}
            >
              <Input type="email" autoComplete="username" size="large" />
            </Form.Item>
            {problem && (
              <p className="sign-in-problem" role="alert">
                {problem}
              </p>
            )}
            <Button type="primary" htmlType="submit" size="large" block loading={busy}>
              {t('forgotten.send-the-link')}
            </Button>
          </Form>
        </>
      )}
      <p>
        <Link to="/sign-in">{t('forgotten.back-to-signing-in')}</Link>
      </p>
    </Door>
  );
}
