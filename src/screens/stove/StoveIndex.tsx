'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useEffect } from 'react';
import { buttonLook } from '@/ui/Button';
import { useClock } from '@/ui/clock';
import { nextCook } from '@/ui/cooking/where';
import { cooksOnStove, useHousehold } from '@/ui/household';

/** Opens the cook whose move is next; without one, says where a cook begins. */
export function StoveIndex() {
  const household = useHousehold();
  const router = useRouter();
  const page = useClock();
  const cook = nextCook(cooksOnStove(household), page, household.kitchen.units)?.id;
  useEffect(() => {
    if (cook) router.replace(`/stove/${cook}`);
  }, [cook, router]);
  if (cook) return null;
  return (
    <main className="mx-auto max-w-xl p-8">
      <h1 className="text-2xl font-semibold">Nothing on the stove</h1>
      <p className="mt-2 text-quiet">
        Plan a batch on the Bench and start cooking: the clock, what to do at each moment and what
        to look for are then here.
      </p>
      <Link href="/" className={`${buttonLook('copper')} mt-6`}>
        Choose a batch
      </Link>
    </main>
  );
}
