import './subjects.css';
import { useParams } from 'react-router';
import { useKit, useKitItem } from '../../api/kit';
import { t } from '../../lang/subjects';
import { TopBar } from '../../ui/bar/TopBar';
import { useTitle } from '../../ui/useTitle';
import { SubjectDetail } from './SubjectDetail';
import { SubjectShelf } from './SubjectShelf';

/** Who may come: sizes, speeds and habits, the samples and one’s own. */
export default function Subjects() {
  useTitle(t('subjects.subjects'));
  const { id } = useParams();
  const shelf = useKit('subjects');
  // Without an address of its own the first one is open.
  const chosen = id ?? shelf.data?.[0]?.id;
  const opened = useKitItem('subjects', chosen);
  return (
    <>
      <TopBar />
      <main className="subjects">
        <SubjectShelf subjects={shelf.data} chosen={chosen} error={shelf.error} />
        {opened.data ? (
          <SubjectDetail key={opened.data.id} item={opened.data} />
        ) : (
          opened.isError && <p className="page subject-detail quiet">{t('subjects.this-subject-is-not')}</p>
        )}
      </main>
    </>
  );
}
