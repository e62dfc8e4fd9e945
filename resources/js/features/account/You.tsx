import { useQueryClient } from '@tanstack/react-query';
import { Button, Form, Input } from 'antd';
import { client, take } from '../../api/client';
import { t } from '../../lang/account';
import { Part } from './Part';
import { useWork } from './useWork';

/** The person’s name. */
export function You({ name }: { name: string }) {
  const queries = useQueryClient();
  const { busy, run } = useWork();
  return (
    <Part title={t('you.you')}>
      <Form
        name="you"
        layout="vertical"
        requiredMark={false}
        initialValues={{ name }}
        onFinish={({ name }: { name: string }) =>
          void run(
            async () =>
              queries.setQueryData(['session'], await take(client.PATCH('/api/account', { body: { name } }))),
            t('you.saved'),
          )
        }
      >
        <Form.Item
          name="name"
          label={t('you.name')}
          rules={[{ required: true, message: t('you.enter-a-name') }]}
        >
          <Input maxLength={80} autoComplete="name" />
        </Form.Item>
        <Button htmlType="submit" loading={busy}>
          {t('you.save-name')}
        </Button>
      </Form>
    </Part>
  );
}
