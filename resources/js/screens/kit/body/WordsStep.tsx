import { Input } from 'antd';
import { Fragment, useState } from 'react';
import { useSearchParams } from 'react-router';
import type { Body } from '../../../api/client';
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
      <h2>What does your camera call it?</h2>
      <p className="quiet">
        Write its word and where you find it; both stand beside ours wherever the setting is named. You need
        not do all of this now: a word that is missing is asked for once, where it would help.
      </p>
      <div className="stopwatch-row">
        <Input
          type="search"
          allowClear
          className="page-search"
          aria-label="Search either word"
          placeholder="Search either word"
          value={search}
          onChange={(e) => setSearch(e.target.value)}
        />
        <span className="quiet">
          {done} of {terms.length} named
        </span>
      </div>
      <table className="word-table">
        <thead>
          <tr>
            <th>Ours</th>
            <th>On your camera</th>
            <th>Where</th>
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
                .filter((t) => t.group === group)
                .map((t) => (
                  <tr key={t.key}>
                    <td>{t.ours}</td>
                    <td>
                      <Input
                        size="small"
                        maxLength={60}
                        aria-label={`Your camera’s word for ${t.ours} (${t.group})`}
                        value={words[t.key]?.label ?? ''}
                        onChange={(e) => put(t.key, { label: e.target.value })}
                      />
                    </td>
                    <td>
                      <Input
                        size="small"
                        maxLength={160}
                        aria-label={`Where to find ${t.ours} (${t.group})`}
                        value={words[t.key]?.where ?? ''}
                        onChange={(e) => put(t.key, { where: e.target.value })}
                      />
                    </td>
                  </tr>
                ))}
            </Fragment>
          ))}
        </tbody>
      </table>
      {shown.length === 0 && <p className="quiet">Neither word is here.</p>}
    </>
  );
}
