'use client';

import { useEffect, useState } from 'react';
import { isEmpty } from '@/core/batch/household';
import type { Bundle } from '@/core/batch/schema';
import { isSample } from './isSample';

/** This device's own household, to bring along; null for nothing of its own, undefined until known. */
export function useOwn(household: Bundle | null): Bundle | null | undefined {
  const [sample, setSample] = useState<Bundle | null | undefined>(undefined);
  useEffect(() => {
    let isOver = false;
    if (!household) return undefined;
    void isSample(household).then((is) => {
      if (!isOver) setSample(is ? household : null);
    });
    return () => {
      isOver = true;
    };
  }, [household]);
  if (!household || isEmpty(household)) return null;
  return sample === undefined ? undefined : sample === household ? null : household;
}
