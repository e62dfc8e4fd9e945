import './account.css';
import { useQueryClient } from '@tanstack/react-query';
import { App, Button, Form, Input, Modal } from 'antd';
import { type ReactNode, useState } from 'react';
import { useNavigate } from 'react-router';
import { client, take } from '../../api/client';
import { useSession, useUsage } from '../../api/hooks';
import { NearlyFull } from '../../parts/NearlyFull';
import { UploadButton } from '../../parts/UploadButton';
import { useNotTaken } from '../../parts/useUndo';
import { TopBar } from '../../shell/TopBar';
import { Tokens } from './Tokens';

const megabytes = (bytes: number) => (bytes / 1e6).toFixed(1);

/** The account: name, password, devices, tokens, all of one’s data, leaving. */
export default function Account() {
  const session = useSession();
  const usage = useUsage();
  const user = session.data?.user;
  const queries = useQueryClient();
  const navigate = useNavigate();
  const { message } = App.useApp();
  const notTaken = useNotTaken();
  const [busy, setBusy] = useState<string | null>(null);
  const [leaving, setLeaving] = useState(false);
  const [form] = Form.useForm<{ current: string; password: string }>();
  if (!user) return null;

  async function run(what: string, work: () => Promise<unknown>, done?: string) {
    setBusy(what);
    try {
      await work();
      if (done) message.success(done);
      return true;
    } catch (error) {
      message.error((error as Error).message);
      return false;
    } finally {
      setBusy(null);
    }
  }

  return (
    <>
      <TopBar />
      <main className="page account">
        <div className="page-head">
          <h1>Account</h1>
        </div>
        {user.is_demo && (
          <p className="page-quiet">
            This is your own copy of the demo: change what you like. It is gone after a day; open an account
            to keep what you do.
          </p>
        )}
        {user.is_demo && (
          <p>
            <Button
              type="primary"
              onClick={() =>
                void run('out', async () => {
                  await take(client.DELETE('/api/session'));
                  queries.clear();
                  navigate('/register');
                })
              }
            >
              Open an account
            </Button>
          </p>
        )}
        {!user.is_demo && (
          <>
            <Part title="You">
              <Form
                name="you"
                layout="vertical"
                requiredMark={false}
                initialValues={{ name: user.name }}
                onFinish={({ name }: { name: string }) =>
                  void run(
                    'name',
                    async () =>
                      queries.setQueryData(
                        ['session'],
                        await take(client.PATCH('/api/account', { body: { name } })),
                      ),
                    'Saved',
                  )
                }
              >
                <Form.Item name="name" label="Name" rules={[{ required: true, message: 'Enter a name.' }]}>
                  <Input maxLength={80} autoComplete="name" />
                </Form.Item>
                <p className="quiet account-mail">Signed in as {user.email}</p>
                <Button htmlType="submit" loading={busy === 'name'}>
                  Save name
                </Button>
              </Form>
            </Part>
            <Part title="Password">
              <Form
                name="change"
                form={form}
                layout="vertical"
                requiredMark={false}
                onFinish={async (body) => {
                  if (
                    await run(
                      'password',
                      () => take(client.PUT('/api/account/password', { body })),
                      'Changed. Your other devices are signed out, and your tokens have ended.',
                    )
                  )
                    form.resetFields();
                }}
              >
                <input type="hidden" autoComplete="username" value={user.email} readOnly />
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
                <Button htmlType="submit" loading={busy === 'password'}>
                  Change password
                </Button>
              </Form>
            </Part>
          </>
        )}
        <Part title="Your data">
          <p>
            One ZIP file with a document for every rush, body, lens and subject, and your habits. It can be
            loaded into any account here or elsewhere; what is there already is left alone.
          </p>
          <NearlyFull />
          {usage.data && (
            <p className="quiet">
              {usage.data.used.rushes} of at most {usage.data.most.rushes} rushes, {usage.data.used.kit} of{' '}
              {usage.data.most.kit} bodies, lenses and subjects, {megabytes(usage.data.used.bytes)} of{' '}
              {megabytes(usage.data.most.bytes)} MB.
            </p>
          )}
          <div className="account-row">
            <Button href="/api/account/archive">Download everything</Button>
            {!user.is_demo && (
              <UploadButton
                label="Archive to load"
                accept=".zip,application/zip"
                busy={busy === 'archive'}
                onFile={(file) =>
                  void run('archive', async () => {
                    try {
                      const loaded = await take(
                        client.POST('/api/account/archive', {
                          body: { file: '' },
                          bodySerializer: () => {
                            const body = new FormData();
                            body.append('file', file);
                            return body;
                          },
                        }),
                      );
                      await queries.invalidateQueries();
                      message.success(
                        `${loaded.rushes} rushes and ${loaded.kit} pieces of kit came in; ${loaded.already_there} were here already.`,
                      );
                    } catch (error) {
                      notTaken(error as Error, 'Nothing was taken in');
                    }
                  })
                }
              >
                Load an archive
              </UploadButton>
            )}
          </div>
        </Part>
        {!user.is_demo && (
          <>
            <Tokens />
            <Part title="Devices">
              <p>
                Sign out everywhere but here, and withdraw all tokens, after losing a device for instance.
              </p>
              <Button
                loading={busy === 'devices'}
                onClick={() =>
                  void run(
                    'devices',
                    async () => {
                      await take(client.POST('/api/account/sign-out-everywhere'));
                      await queries.invalidateQueries({ queryKey: ['tokens'] });
                    },
                    'Only this device is signed in now.',
                  )
                }
              >
                Sign out everywhere else
              </Button>
            </Part>
            <Part title="Leave">
              <p>
                Deletes the account with everything in it, for good. Download your data first if you may want
                it.
              </p>
              <Button danger onClick={() => setLeaving(true)}>
                Delete my account
              </Button>
            </Part>
          </>
        )}
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
              if (await run('leave', () => take(client.DELETE('/api/account', { body })))) {
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
              <Button danger type="primary" htmlType="submit" loading={busy === 'leave'}>
                Delete for good
              </Button>
            </div>
          </Form>
        </Modal>
      </main>
    </>
  );
}

export function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section className="account-part" aria-label={title}>
      <h2>{title}</h2>
      <div>{children}</div>
    </section>
  );
}
