import { useState } from 'react';
import type { Problem } from '@/core/batch/household';
import { begin } from '@/store';
import { FileButton } from '@/ui/files/FileButton';
import { FileProblems } from '@/ui/files/FileProblems';
import { reasonWords } from '@/ui/useNewest';
import { readFileAway } from '@/workers';

type State =
  | { readonly is: 'idle' }
  | { readonly is: 'reading'; readonly share: number }
  | { readonly is: 'refused'; readonly name: string; readonly problems: readonly Problem[] }
  | { readonly is: 'failed'; readonly why: string };

/** Opens a kitchen from its file: on another device, or after the browser lost it. */
export function OpenMine() {
  const [state, setState] = useState<State>({ is: 'idle' });
  const open = async (file: File): Promise<void> => {
    setState({ is: 'reading', share: 0 });
    try {
      const read = await readFileAway(file, (share) => setState({ is: 'reading', share }));
      if (read.ok) await begin(read.bundle);
      else setState({ is: 'refused', name: file.name, problems: read.problems });
    } catch (reason) {
      setState({ is: 'failed', why: reasonWords(reason) });
    }
  };
  return (
    <>
      <FileButton accept="application/json,.json" onFile={(file) => void open(file)}>
        Open my file
      </FileButton>
      {state.is === 'reading' && (
        <p role="status" className="w-full">
          Reading the file…
          <progress
            className="mt-1 block h-2 w-full accent-copper"
            max={1}
            value={state.share || undefined}
          />
        </p>
      )}
      {state.is === 'refused' && (
        <div className="w-full">
          <FileProblems name={state.name} problems={state.problems} />
        </div>
      )}
      {state.is === 'failed' && (
        <p role="alert" className="w-full font-semibold text-rust">
          {state.why}
        </p>
      )}
    </>
  );
}
