import '../rushes/rushes.css';
import { Link } from 'react-router';
import type { Likely } from '../../api/kit';
import { t } from '../../lang/desk';
import { TopBar } from '../../ui/bar/TopBar';
import { Who } from '../rushes/door';

/** A line that does not say who is coming: it is asked before anything is worked out. */
export function Asked({
  line,
  likely,
  onChoose,
}: {
  line: string;
  likely: Likely[];
  onChoose: (subject: string) => void;
}) {
  return (
    <>
      <TopBar />
      <main className="rushes asked">
        <h1>{t('asked.who-is-coming')}</h1>
        <p className="quiet">{t('asked.does-not-say-choose', { line })}</p>
        <Who likely={likely} chosen={null} onChoose={onChoose} />
        <p>
          <Link to="/subjects">{t('asked.all-subjects')}</Link>
        </p>
      </main>
    </>
  );
}
