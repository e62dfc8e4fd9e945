import './account.css';
import { useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { useNavigate } from 'react-router';
import { client, take } from '../../api/client';
import { useSession } from '../../api/hooks';
import { t } from '../../lang/account';
import { TopBar } from '../../ui/bar/TopBar';
import { useTitle } from '../../ui/useTitle';
import { Calendar } from './Calendar';
import { Data } from './Data';
import { Devices } from './Devices';
import { Email } from './Email';
import { Leave } from './Leave';
import { Part } from './Part';
import { Password } from './Password';
import { Tokens } from './Tokens';
import { useWork } from './useWork';
import { You } from './You';

/** What a visitor to the demo is told instead of what an account has. */
function DemoNote() {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const { busy, run } = useWork();
  return (
    <Part title={t('account.the-demo')}>
      <p>{t('account.this-is-your-own')}</p>
      <p>
        <Button
          type="primary"
          loading={busy}
          onClick={() =>
            void run(async () => {
              await take(client.DELETE('/api/session'));
              queries.clear();
              navigate('/register');
            })
          }
        >
          {t('account.create-an-account')}
        </Button>
      </p>
    </Part>
  );
}

/** The account: name, password, devices, tokens, all of one’s data, leaving. */
export default function Account() {
  useTitle(t('account.account'));
  const user = useSession().data?.user;
  if (!user) return null;
  return (
    <>
      <TopBar />
      <main className="page account">
        <div className="page-head">
          <h1>{t('account.account')}</h1>
        </div>
        <div className="account-parts">
          {user.is_demo && <DemoNote />}
          {!user.is_demo && (
            <>
              <You name={user.name} />
              <Email email={user.email} />
              <Password email={user.email} />
            </>
          )}
          <Data isDemo={user.is_demo} />
          {!user.is_demo && (
            <>
              <Calendar />
              <Tokens />
              <Devices />
              <Leave />
            </>
          )}
        </div>
      </main>
    </>
  );
}
