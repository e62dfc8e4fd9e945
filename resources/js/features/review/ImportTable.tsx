import { App, Button, Modal, Select } from 'antd';
import { useRef, useState } from 'react';
import { logActions, type TableRead, useLogAction } from '../../api/log';
import { t } from '../../lang/review';
import { Table } from '../../ui/Table';

/** What a column may say, in the order one reads them. */
const fields = [
  ['at', t('import-table.when')],
  ['rush', t('import-table.rush')],
  ['frames', t('import-table.frames')],
  ['keepers', t('import-table.keepers')],
  ['kept', t('import-table.how-many-in-a')],
  ['lost_to', t('import-table.what-lost-the-rest')],
  ['note', t('import-table.note')],
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
  const choices =
    read?.head.map((name, value) => ({
      value,
      label: name || t('import-table.column', { value: value + 1 }),
    })) ?? [];
  return (
    <>
      <Button onClick={() => input.current?.click()} loading={table.isPending && !read}>
        {t('import-table.import-a-table')}
      </Button>
      <input
        ref={input}
        type="file"
        hidden
        accept=".csv,.tsv,.txt,.xlsx"
        aria-label={t('import-table.a-table-of-bursts')}
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
        title={t('import-table.take-in', { name: file?.name ?? t('import-table.a-table') })}
        width={820}
        onCancel={close}
        okText={
          read
            ? t('import-table.take-in-of', { good: read.good, count: read.count })
            : t('import-table.take-in-2')
        }
        okButtonProps={{ disabled: !read || read.good === 0, loading: table.isPending }}
        onOk={() =>
          file &&
          read &&
          table.mutate(
            { file, columns: read.columns, keep: true },
            {
              onSuccess: ({ kept }) => {
                void message.success(t('import-table.bursts-were-new', { kept, kept2: kept ?? 0 }));
                close();
              },
              onError: (error) => void message.error(error.message),
            },
          )
        }
      >
        {read && (
          <div className="import">
            <p className="quiet">{t('import-table.which-column-says-what')}</p>
            <div className="import-columns">
              {fields.map(([field, label]) => (
                <label key={field} htmlFor={`column-${field}`}>
                  {label}
                  <Select
                    id={`column-${field}`}
                    allowClear
                    size="small"
                    placeholder={t('import-table.none')}
                    value={read.columns[field] ?? undefined}
                    options={choices}
                    onChange={(column) => file && look(file, { ...read.columns, [field]: column ?? null })}
                  />
                </label>
              ))}
            </div>
            <Rows read={read} columns={choices} />
            <Problems read={read} />
          </div>
        )}
      </Modal>
    </>
  );
}

/** The first rows, as they were read. */
function Rows({ read, columns }: { read: TableRead; columns: { value: number; label: string }[] }) {
  return (
    <Table
      caption={t('import-table.first-rows')}
      columns={columns.map((column) => ({ head: column.label, cell: (row: string[]) => row[column.value] }))}
      rows={read.rows}
      of={(_, place) => place}
      scrolls
    />
  );
}

/** Rows that are left out, and why. */
function Problems({ read }: { read: TableRead }) {
  if (read.problems.length === 0) return null;
  return (
    <div role="alert" className="import-problems">
      <b>{t('import-table.rows-are-left-out', { count: read.count - read.good })}</b>
      <ul>
        {read.problems.slice(0, 8).map((problem) => (
          <li key={problem.row}>{t('import-table.row', { row: problem.row, message: problem.message })}</li>
        ))}
      </ul>
    </div>
  );
}
