import { assess, drawBatch } from '../src/core/assess';
import { GOOD } from '../src/core/testing/practice';
import { OTHER_GOOD } from '../src/core/testing/otherKitchens';
for (const { batch, pot, kitchen } of [...GOOD, ...OTHER_GOOD]) {
  const draws = drawBatch(batch, pot, kitchen, { draws: 60, seed: 4 });
  const a = assess(batch, pot, kitchen, { curves: false, draws });
  console.log('##', batch.name, a.time.totalMin.toFixed(0), a.items.filter(i=>i.needMin!==null).map(i=>`${i.food}:${i.grade}`).join(', '));
  for (const f of a.findings) if (f.level !== 'note') console.log('   ', f.level, f.code, f.title, '|', f.message); 
  if (process.argv[2]) for (const f of a.findings) if (f.level === 'note') console.log('      ', f.code, '|', f.title, '|', f.message); 
}
