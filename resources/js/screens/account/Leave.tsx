import { useQueryClient } from '@tanstack/react-query';
import { Button, Form, Input, Modal } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { client, take } from '../../api/client';
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
      <Part title="Leave">
        <p>
          Deletes the account with everything in it, for good. Download your data first if you may want it.
        </p>
        <Button danger onClick={() => setLeaving(true)}>
          Delete my account
        </Button>
      </Part>
      <Modal
        open={leaving}
        title="Delete the account?"
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
          <p>All rushes, bodies, lenses, subjects and habits go with it. This cannot be undone.</p>
          <Form.Item
            name="password"
            label="Your password"
            rules={[{ required: true, message: 'Enter your password.' }]}
          >
            <Input.Password autoComplete="current-password" />
          </Form.Item>
          <div className="account-row">
            <Button onClick={() => setLeaving(false)}>Keep it</Button>
            <Button danger type="primary" htmlType="submit" loading={busy}>
              Delete for good
            </Button>
          </div>
        </Form>
      </Modal>
    </>
  );
}
