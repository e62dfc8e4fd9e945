import { Button } from 'antd';
import { chooseLanguage, languages, locale } from '../../lang/language';
import { t } from '../../lang/sign-in';

/** What can be spoken, each by its own name. */
export function Languages() {
  const known = Object.entries(languages);
  if (known.length < 2) return null;
  return (
    <nav className="languages" aria-label={t('languages.language')}>
      {known.map(([code, name]) =>
        code === locale ? (
          <span key={code} lang={code} aria-current="true">
            {name}
          </span>
        ) : (
          <Button key={code} type="link" size="small" lang={code} onClick={() => chooseLanguage(code)}>
            {name}
          </Button>
        ),
      )}
    </nav>
  );
}
