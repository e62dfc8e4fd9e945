import { Button } from 'antd';
import { useRef } from 'react';

/** A button that takes in a file. */
export function UploadButton({
  label,
  children,
  accept = '.json,application/json',
  busy = false,
  onFile,
}: {
  label: string;
  children: string;
  accept?: string;
  busy?: boolean;
  onFile: (file: File) => void;
}) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button onClick={() => input.current?.click()} loading={busy}>
        {children}
      </Button>
      <input
        ref={input}
        className="sr-only"
        type="file"
        accept={accept}
        aria-label={label}
        tabIndex={-1}
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = '';
          if (file) onFile(file);
        }}
      />
    </>
  );
}
