import { useQueryClient } from '@tanstack/react-query';
import { Button, Form, Input } from 'antd';
import { useState } from 'react';
import { client, take } from '../../api/client';
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
    <Part title="Address">
      <p>
        Signed in as <b>{email}</b>
      </p>
      <Form
        form={form}
        name="email"
        layout="vertical"
        requiredMark={false}
        onFinish={(body) => void change(body)}
      >
        <Form.Item
          name="email"
          label="New address"
          rules={[
            { required: true, message: 'Enter the new address.' },
            { type: 'email', message: 'That does not look like an e-mail address.' },
          ]}
        >
          <Input type="email" autoComplete="email" maxLength={255} />
        </Form.Item>
        <Form.Item
          name="password"
          label="Confirm with your password"
          rules={[{ required: true, message: 'Enter your password.' }]}
        >
          <Input.Password autoComplete="current-password" />
        </Form.Item>
        <Button htmlType="submit" loading={busy}>
          Change address
        </Button>
      </Form>
      {sent && (
        <p role="status">
          An email is on its way to {sent}. The new address counts once you press the link in it.
        </p>
      )}
    </Part>
  );
}
