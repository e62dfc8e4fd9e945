import './practice.css';
import { App, Button, Checkbox, Input, Modal, Select } from 'antd';
import { useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { useRushes, useSession } from '../../api/hooks';
import { type GroupSummary, groupActions, useGroups, usePracticeAction } from '../../api/practice';
import { t } from '../../lang/practice';
import { Failed } from '../../ui/bar/Messages';
import { TopBar } from '../../ui/bar/TopBar';
import { useTitle } from '../../ui/useTitle';
import { PracticeTabs } from './PracticeTabs';
import { Tasks } from './Tasks';

/** Groups one teaches, and those one belongs to with what one shares. */
export default function Groups() {
  useTitle(t('groups.groups'));
  const groups = useGroups();
  const demo = useSession().data?.user?.is_demo;
  const navigate = useNavigate();
  const [query] = useSearchParams();
  const [name, setName] = useState('');
  const [code, setCode] = useState(query.get('code') ?? '');
  const { message } = App.useApp();
  const create = usePracticeAction(groupActions.create);
  const join = usePracticeAction(groupActions.join);
  const failed = { onError: (error: Error) => void message.error(error.message) };
  return (
    <>
      <TopBar />
      <main className="page practice">
        <div className="page-head">
          <h1>{t('groups.groups')}</h1>
          <PracticeTabs />
        </div>
        {groups.isError && <Failed message={groups.error.message} />}
        {demo && <p className="quiet">{t('groups.a-visit-to-the')}</p>}
        {!demo && (
          <div className="group-ways">
            <form
              onSubmit={(event) => {
                event.preventDefault();
                join.mutate(code, {
                  ...failed,
                  onSuccess: (joined) => {
                    setCode('');
                    void message.success(t('groups.you-are-in-nothing', { name: joined.name }));
                  },
                });
              }}
            >
              <h2>{t('groups.join-one')}</h2>
              <p className="quiet">{t('groups.with-the-code-its')}</p>
              <div className="group-form">
                <Input
                  aria-label={t('groups.code')}
                  placeholder={t('groups.code')}
                  value={code}
                  maxLength={20}
                  onChange={(e) => setCode(e.target.value)}
                />
                <Button htmlType="submit" disabled={code.trim() === ''} loading={join.isPending}>
                  {t('groups.join')}
                </Button>
              </div>
            </form>
            <form
              onSubmit={(event) => {
                event.preventDefault();
                create.mutate(name, {
                  ...failed,
                  onSuccess: (made) => navigate(`/practice/groups/${made.id}`),
                });
              }}
            >
              <h2>{t('groups.teach-one')}</h2>
              <p className="quiet">{t('groups.you-see-side-by')}</p>
              <div className="group-form">
                <Input
                  aria-label={t('groups.name-of-the-group')}
                  placeholder={t('groups.name')}
                  value={name}
                  maxLength={120}
                  onChange={(e) => setName(e.target.value)}
                />
                <Button htmlType="submit" disabled={name.trim() === ''} loading={create.isPending}>
                  {t('groups.open-it')}
                </Button>
              </div>
            </form>
          </div>
        )}
        <Tasks />
        {groups.data && groups.data.length > 0 && (
          <ul className="rush-list">
            {groups.data.map((group) =>
              group.teaches ? (
                <Taught key={group.id} group={group} />
              ) : (
                <Belonging key={group.id} group={group} />
              ),
            )}
          </ul>
        )}
      </main>
    </>
  );
}

function Taught({ group }: { group: GroupSummary }) {
  return (
    <li className="rush-row group-row">
      <Link to={`/practice/groups/${group.id}`}>{group.name}</Link>
      <span className="quiet">
        {t.rich('groups.you-teach-it-members', {
          members: group.members,
          joinCode: <strong className="group-code">{group.join_code}</strong>,
        })}
      </span>
    </li>
  );
}

function Belonging({ group }: { group: GroupSummary }) {
  const rushes = useRushes('').data?.pages[0]?.items ?? [];
  const { message } = App.useApp();
  const share = usePracticeAction(groupActions.share);
  const leave = usePracticeAction(groupActions.leave);
  const [leaving, setLeaving] = useState(false);
  const failed = { onError: (error: Error) => void message.error(error.message) };
  const shares = group.shares ?? { drills: false, rushes: [] };
  const put = (next: Partial<typeof shares>) => share.mutate({ id: group.id, ...shares, ...next }, failed);
  return (
    <li className="rush-row group-row">
      <strong>{group.name}</strong>
      <span className="quiet">{t('groups.taught-by', { teacher: group.teacher })}</span>
      <div className="group-shares">
        <Checkbox checked={shares.drills} onChange={(e) => put({ drills: e.target.checked })}>
          {t('groups.sees-my-drills', { teacher: group.teacher })}
        </Checkbox>
        <Select
          aria-label={t('groups.rushes-whose-bursts-are')}
          mode="multiple"
          placeholder={t('groups.bursts-of-no-rush')}
          value={shares.rushes.filter((id) => rushes.some((r) => r.id === id))}
          options={rushes.map((r) => ({ value: r.id, label: t('groups.bursts-of', { name: r.name }) }))}
          onChange={(ids) => put({ rushes: ids })}
        />
        <Button onClick={() => setLeaving(true)}>{t('groups.leave')}</Button>
      </div>
      <Modal
        title={t('groups.leave-2', { name: group.name })}
        open={leaving}
        okText={t('groups.leave')}
        onCancel={() => setLeaving(false)}
        onOk={() => leave.mutate(group.id, { ...failed, onSuccess: () => setLeaving(false) })}
      >
        <p>{t('groups.from-then-on-sees', { teacher: group.teacher })}</p>
      </Modal>
    </li>
  );
}
