import { Button, Form, Input } from 'antd';
import { client, take } from '../../api/client';
import { t } from '../../lang/account';
import { Part } from './Part';
import { useWork } from './useWork';

/** Another password. */
export function Password({ email }: { email: string }) {
  const [form] = Form.useForm<{ current: string; password: string }>();
  const { busy, run } = useWork();
  return (
    <Part title={t('password.password')}>
      <Form
        name="change"
        form={form}
        layout="vertical"
        requiredMark={false}
        onFinish={async (body) => {
          if (
            await run(
              () => take(client.PUT('/api/account/password', { body })),
              t('password.changed-your-other-devices'),
            )
          )
            form.resetFields();
        }}
      >
        <input type="hidden" autoComplete="username" value={email} readOnly />
        <Form.Item
          name="current"
          label={t('password.password-now')}
          rules={[{ required: true, message: t('password.enter-your-password') }]}
        >
          <Input.Password autoComplete="current-password" />
        </Form.Item>
        <Form.Item
          name="password"
          label={t('password.new-password')}
          extra={t('password.at-least-ten-characters')}
          rules={[{ required: true, min: 10, message: t('password.at-least-ten-characters-2') }]}
        >
          <Input.Password autoComplete="new-password" />
        </Form.Item>
        <Button htmlType="submit" loading={busy}>
          {t('password.change-password')}
        </Button>
      </Form>
    </Part>
  );
}
