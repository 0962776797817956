/** Wishes that a plan does not meet, and by how much. */
import { cookRate } from '../doneness';
import { isMany, spoken } from '../food';
import type { Frame } from './frame';
import type { Unmet } from './types';
import { isInTime, unsafeIn, type Checked } from './verify';

export function unmetOf(frame: Frame, checked: Checked): readonly Unmet[] {
  const unmet: Unmet[] = [];
  const { assessment } = checked;
  const total = assessment.time.totalMin;
  for (const placed of frame.placed) {
    const item = assessment.items.find((i) => i.id === placed.id);
    if (!item || item.verdict === 'right') continue;
    if (item.verdict === 'under') {
      const rate = cookRate(assessment.boilC, placed.z);
      const byMin = ((item.needMin ?? 0) - item.hadMin) / rate;
      unmet.push({
        wish: 'done',
        item: item.id,
        byMin,
        sentence: `${spoken(item.name)} still ${isMany(item.name) ? 'need' : 'needs'} about ${Math.max(1, Math.round(byMin))} min at the boil.`,
      });
    } else {
      const byMin = total - (item.overMin ?? total);
      unmet.push({
        wish: 'not overdone',
        item: item.id,
        byMin,
        sentence: `${spoken(item.name)} ${isMany(item.name) ? 'are' : 'is'} ${item.grade ?? 'overdone'} ${Math.max(1, Math.round(byMin))} min before it is on the table.`,
      });
    }
  }
  for (const title of unsafeIn(frame, assessment))
    unmet.push({ wish: 'safe', item: null, byMin: 0, sentence: `${title}.` });
  if (frame.byMin !== null && !isInTime(frame, checked)) {
    const byMin = total - frame.byMin;
    unmet.push({
      wish: 'by',
      item: null,
      byMin,
      sentence: `It is on the table after ${Math.round(total)} min, ${Math.round(byMin)} later than wished.`,
    });
  }
  return unmet;
}
