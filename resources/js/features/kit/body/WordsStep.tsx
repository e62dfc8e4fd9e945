import { Input } from 'antd';
import { Fragment, useState } from 'react';
import { useSearchParams } from 'react-router';
import type { Body } from '../../../api/client';
import { t } from '../../../lang/kit';
import type { Change } from './change';

type Term = { key: string; group: string; ours: string };

/** What the camera calls each thing, and where it is found; searched by either word. */
export function WordsStep({ body, set, terms }: { body: Body; set: Change; terms: Term[] }) {
  const [params] = useSearchParams();
  const [search, setSearch] = useState(params.get('word') ?? '');
  const words = body.words;
  const put = (key: string, fields: { label?: string; where?: string }) => {
    const next = { label: '', where: '', ...words[key], ...fields };
    const { [key]: _, ...rest } = words;
    set({ words: next.label || next.where ? { ...rest, [key]: next } : rest });
  };
  const wanted = search.trim().toLowerCase();
  const shown = terms.filter((t) =>
    [t.ours, t.group, words[t.key]?.label, words[t.key]?.where].join(' ').toLowerCase().includes(wanted),
  );
  const done = terms.filter((t) => words[t.key]?.label).length;
  const groups = [...new Set(shown.map((t) => t.group))];
  return (
    <>
      <h2>{t('words-step.what-does-your-camera')}</h2>
      <p className="quiet">{t('words-step.write-its-word-and')}</p>
      <div className="stopwatch-row">
        <Input
          type="search"
          allowClear
          className="page-search"
          aria-label={t('words-step.search-either-word')}
          placeholder={t('words-step.search-either-word')}
          value={search}
          onChange={(e) => setSearch(e.target.value)}
        />
        <span className="quiet">{t('words-step.of-named', { done, terms: terms.length })}</span>
      </div>
      <table className="word-table">
        <thead>
          <tr>
            <th>{t('words-step.ours')}</th>
            <th>{t('words-step.on-your-camera')}</th>
            <th>{t('words-step.where')}</th>
          </tr>
        </thead>
        <tbody>
          {groups.map((group) => (
            <Fragment key={group}>
              <tr className="word-group">
                <th colSpan={3} scope="colgroup">
                  {group}
                </th>
              </tr>
              {shown
                .filter((term) => term.group === group)
                .map((term) => (
                  <tr key={term.key}>
                    <td>{term.ours}</td>
                    <td>
                      <Input
                        size="small"
                        maxLength={60}
                        aria-label={t('words-step.your-cameras-word-for', {
                          ours: term.ours,
                          group: term.group,
                        })}
                        value={words[term.key]?.label ?? ''}
                        onChange={(e) => put(term.key, { label: e.target.value })}
                      />
                    </td>
                    <td>
                      <Input
                        size="small"
                        maxLength={160}
                        aria-label={t('words-step.where-to-find', { ours: term.ours, group: term.group })}
                        value={words[term.key]?.where ?? ''}
                        onChange={(e) => put(term.key, { where: e.target.value })}
                      />
                    </td>
                  </tr>
                ))}
            </Fragment>
          ))}
        </tbody>
      </table>
      {shown.length === 0 && <p className="quiet">{t('words-step.neither-word-is-here')}</p>}
    </>
  );
}
