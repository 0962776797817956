/** A kettle test, put on the stove; loaded when it is asked for. */
import { nanoid } from 'nanoid';
import type { Kitchen, Pot } from '@/core/batch/schema';
import { kettleBatch, startCook } from '@/core/timetable';
import { saveCook } from '@/ui/household';
import { ask } from '@/workers';

/** Keeps the test as it starts. @param at ISO 8601 @returns its page */
export async function startKettle(pot: Pot, kitchen: Kitchen, at: string): Promise<string> {
  const batch = kettleBatch(pot, nanoid(10));
  const assessment = await ask('assess', [batch, pot, kitchen]);
  const cook = startCook({ id: nanoid(10), batch, pot, kitchen, assessment, draws: null, at });
  saveCook({ ...cook, kettle: true });
  return `/stove/${cook.id}`;
}
