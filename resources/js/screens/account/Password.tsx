import { Button, Form, Input } from 'antd';
import { client, take } from '../../api/client';
import { Part } from './Part';
import { useWork } from './useWork';

/** Another password. */
export function Password({ email }: { email: string }) {
  const [form] = Form.useForm<{ current: string; password: string }>();
  const { busy, run } = useWork();
  return (
    <Part title="Password">
      <Form
        name="change"
        form={form}
        layout="vertical"
        requiredMark={false}
        onFinish={async (body) => {
          if (
            await run(
              () => take(client.PUT('/api/account/password', { body })),
              'Changed. Your other devices are signed out, and your tokens have ended.',
            )
          )
            form.resetFields();
        }}
      >
        <input type="hidden" autoComplete="username" value={email} readOnly />
        <Form.Item
          name="current"
          label="Password now"
          rules={[{ required: true, message: 'Enter your password.' }]}
        >
          <Input.Password autoComplete="current-password" />
        </Form.Item>
        <Form.Item
          name="password"
          label="New password"
          extra="At least ten characters; a few words are easy to remember."
          rules={[{ required: true, min: 10, message: 'At least ten characters.' }]}
        >
          <Input.Password autoComplete="new-password" />
        </Form.Item>
        <Button htmlType="submit" loading={busy}>
          Change password
        </Button>
      </Form>
    </Part>
  );
}
