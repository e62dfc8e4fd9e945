import { useQueryClient } from '@tanstack/react-query';
import { Button, Form, Input, Modal } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { client, take } from '../../api/client';
import { t } from '../../lang/account';
import { Part } from './Part';
import { useWork } from './useWork';

/** Deleting the account, asked once more. */
export function Leave() {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [leaving, setLeaving] = useState(false);
  const { busy, run } = useWork();
  return (
    <>
      <Part title={t('leave.leave')}>
        <p>{t('leave.deletes-the-account-with')}</p>
        <Button danger onClick={() => setLeaving(true)}>
          {t('leave.delete-my-account')}
        </Button>
      </Part>
      <Modal
        open={leaving}
        title={t('leave.delete-the-account')}
        onCancel={() => setLeaving(false)}
        footer={null}
        destroyOnHidden
      >
        <Form
          name="leave"
          layout="vertical"
          requiredMark={false}
          onFinish={async (body: { password: string }) => {
            if (await run(() => take(client.DELETE('/api/account', { body })))) {
              queries.clear();
              navigate('/sign-in');
            }
          }}
        >
          <p>{t('leave.all-rushes-bodies-lenses')}</p>
          <Form.Item
            name="password"
            label={t('leave.your-password')}
            rules={[{ required: true, message: t('leave.enter-your-password') }]}
          >
            <Input.Password autoComplete="current-password" />
          </Form.Item>
          <div className="account-row">
            <Button onClick={() => setLeaving(false)}>{t('leave.keep-it')}</Button>
            <Button danger type="primary" htmlType="submit" loading={busy}>
              {t('leave.delete-for-good')}
            </Button>
          </div>
        </Form>
      </Modal>
    </>
  );
}
