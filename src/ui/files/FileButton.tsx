import type { ReactNode } from 'react';
import { buttonLook } from '../Button';

/** A button that opens a file of the device. */
export function FileButton({
  accept,
  className = '',
  children,
  onFile,
}: {
  readonly accept: string;
  readonly className?: string;
  readonly children: ReactNode;
  readonly onFile: (file: File) => void;
}) {
  return (
    <label
      className={`${buttonLook()} cursor-pointer has-focus-visible:outline-3 has-focus-visible:outline-offset-2 has-focus-visible:outline-cobalt ${className}`}
    >
      {children}
      <input
        type="file"
        accept={accept}
        className="sr-only"
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file) onFile(file);
        }}
      />
    </label>
  );
}
