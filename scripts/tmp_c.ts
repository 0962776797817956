import { readLine } from '../src/core/batch/reading';
for (const l of ['1 chicken','1 chicken, 1.5 kg','1.5 kg chicken','500 g chicken','1 duck','1 turkey','2 rabbits','1 rabbit']) { const r=readLine(l); console.log(l, r.item?.food, JSON.stringify(r.item?.amount), r.unsure.join('; ')); }
