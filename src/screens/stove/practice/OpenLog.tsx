'use client';

import { useState } from 'react';
import type { Cook } from '@/core/batch/schema';
import { linkOf, readMessages, withLog } from '@/core/cook';

import { useClock } from '@/ui/clock';

/** Problems shown; the rest are counted. */
const TOLD = 5;

/** Messages of the pot itself, from a file. */
export function OpenLog({
  cook,
  onCook,
}: {
  readonly cook: Cook;
  readonly onCook: (cook: Cook) => void;
}) {
  const clock = useClock();
  const [problems, setProblems] = useState<readonly string[]>([]);
  const open = async (file: File): Promise<void> => {
    const read = readMessages(await file.text());
    setProblems(read.ok ? [] : read.problems);
    if (read.ok) linkOf(read.messages).listen((said) => onCook(withLog(cook, said, clock.now())));
  };
  return (
    <div className="mt-4">
      <label className="block text-body">
        Open a log of the pot (.jsonl)
        <input
          type="file"
          accept=".jsonl,.json,.txt"
          className="mt-1 block min-h-11 w-full"
          onChange={(event) => {
            const file = event.target.files?.[0];
            event.target.value = '';
            if (file) void open(file);
          }}
        />
      </label>
      {problems.length > 0 && (
        <div role="alert" className="mt-2 rounded-lg border-2 border-rust px-4 py-2">
          <p>This log is not taken; nothing is changed.</p>
          <ul className="list-disc pl-5">
            {problems.slice(0, TOLD).map((problem) => (
              <li key={problem}>{problem}</li>
            ))}
          </ul>
          {problems.length > TOLD && <p>And {problems.length - TOLD} more.</p>}
        </div>
      )}
    </div>
  );
}
