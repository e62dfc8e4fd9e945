import { App, Button, Modal, Select } from 'antd';
import { useRef, useState } from 'react';
import { logActions, type TableRead, useLogAction } from '../../api/log';

/** What a column may say, in the order one reads them. */
const fields = [
  ['at', 'When'],
  ['rush', 'Rush'],
  ['frames', 'Frames'],
  ['keepers', 'Keepers'],
  ['kept', 'How many, in a word'],
  ['lost_to', 'What lost the rest'],
  ['note', 'Note'],
] as const;

/** A log that was kept elsewhere: its columns are matched, rows that cannot be read are named, and the rest is taken in. */
export function ImportTable() {
  const input = useRef<HTMLInputElement>(null);
  const [file, setFile] = useState<File | null>(null);
  const [read, setRead] = useState<TableRead | null>(null);
  const { message } = App.useApp();
  const table = useLogAction(logActions.table);
  const look = (chosen: File, columns?: TableRead['columns']) =>
    table.mutate(
      { file: chosen, columns, keep: false },
      { onSuccess: setRead, onError: (error) => void message.error(error.message) },
    );
  const close = () => {
    setFile(null);
    setRead(null);
  };
  const choices = read?.head.map((name, value) => ({ value, label: name || `Column ${value + 1}` })) ?? [];
  return (
    <>
      <Button onClick={() => input.current?.click()} loading={table.isPending && !read}>
        Import a table
      </Button>
      <input
        ref={input}
        type="file"
        hidden
        accept=".csv,.tsv,.txt,.xlsx"
        aria-label="A table of bursts"
        onChange={(event) => {
          const chosen = event.target.files?.[0];
          event.target.value = '';
          if (!chosen) return;
          setFile(chosen);
          look(chosen);
        }}
      />
      <Modal
        open={read !== null}
        title={`Take in ${file?.name ?? 'a table'}`}
        width={820}
        onCancel={close}
        okText={read ? `Take in ${read.good} of ${read.count}` : 'Take in'}
        okButtonProps={{ disabled: !read || read.good === 0, loading: table.isPending }}
        onOk={() =>
          file &&
          read &&
          table.mutate(
            { file, columns: read.columns, keep: true },
            {
              onSuccess: ({ kept }) => {
                void message.success(kept === 1 ? 'One burst was new' : `${kept ?? 0} bursts were new`);
                close();
              },
              onError: (error) => void message.error(error.message),
            },
          )
        }
      >
        {read && (
          <div className="import">
            <p className="quiet">Which column says what? Rows imported before are not counted twice.</p>
            <div className="import-columns">
              {fields.map(([field, label]) => (
                <label key={field} htmlFor={`column-${field}`}>
                  {label}
                  <Select
                    id={`column-${field}`}
                    allowClear
                    size="small"
                    placeholder="None"
                    value={read.columns[field] ?? undefined}
                    options={choices}
                    onChange={(column) => file && look(file, { ...read.columns, [field]: column ?? null })}
                  />
                </label>
              ))}
            </div>
            <div className="import-rows">
              <table>
                <thead>
                  <tr>
                    {choices.map((column) => (
                      <th key={column.value}>{column.label}</th>
                    ))}
                  </tr>
                </thead>
                <tbody>
                  {read.rows.map((row, i) => (
                    // biome-ignore lint/suspicious/noArrayIndexKey: rows have no other name
                    <tr key={i}>
                      {choices.map((column) => (
                        <td key={column.value}>{row[column.value]}</td>
                      ))}
                    </tr>
                  ))}
                </tbody>
              </table>
            </div>
            {read.problems.length > 0 && (
              <div role="alert" className="import-problems">
                <b>
                  {read.count - read.good === 1
                    ? 'One row is left out'
                    : `${read.count - read.good} rows are left out`}
                </b>
                <ul>
                  {read.problems.slice(0, 8).map((problem) => (
                    <li key={problem.row}>
                      Row {problem.row}: {problem.message}
                    </li>
                  ))}
                </ul>
              </div>
            )}
          </div>
        )}
      </Modal>
    </>
  );
}
