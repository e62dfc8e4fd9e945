import { useQueryClient } from '@tanstack/react-query';
import { Button, Form, Input } from 'antd';
import { useState } from 'react';
import { client, take } from '../../api/client';
import { t } from '../../lang/account';
import { Part } from './Part';
import { useWork } from './useWork';

/** The address one signs in with; another one counts once its letter has been answered. */
export function Email({ email }: { email: string }) {
  const queries = useQueryClient();
  const [form] = Form.useForm<{ email: string; password: string }>();
  const { busy, run } = useWork();
  const [sent, setSent] = useState<string | null>(null);

  async function change(body: { email: string; password: string }) {
    const done = await run(async () => {
      const session = await take(client.PUT('/api/account/email', { body }));
      queries.setQueryData(['session'], session);
      setSent(session.user?.email === email ? body.email : null);
    });
    if (done) form.resetFields();
  }

  return (
    <Part title={t('email.address')}>
      <p>{t.rich('email.signed-in-as', { email: <b>{email}</b> })}</p>
      <Form
        form={form}
        name="email"
        layout="vertical"
        requiredMark={false}
        onFinish={(body) => void change(body)}
      >
        <Form.Item
          name="email"
          label={t('email.new-address')}
          rules={[
            { required: true, message: t('email.enter-the-new-address') },
            { type: 'email', message: t('email.that-does-not-look') },
          ]}
        >
          <Input type="email" autoComplete="email" maxLength={255} />
        </Form.Item>
        <Form.Item
          name="password"
          label={t('email.confirm-with-your-password')}
          rules={[{ required: true, message: t('email.enter-your-password') }]}
        >
          <Input.Password autoComplete="current-password" />
        </Form.Item>
        <Button htmlType="submit" loading={busy}>
          {t('email.change-address')}
        </Button>
      </Form>
      {sent && <p role="status">{t('email.an-email-is-on', { sent })}</p>}
    </Part>
  );
}
