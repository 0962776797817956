import { assess } from '../src/core/assess';
import { batchOf, item, POT, pressure, SEA_LEVEL } from '../src/core/testing/kitchen';
for (const [food, cut, g] of [['pork-shoulder',{shape:'whole',mm:90},1000],['pork-shoulder',{shape:'whole',mm:95},1000],['carrot',{shape:'cube',mm:30},200],['carrot',{shape:'cube',mm:40},200],['carrot',{shape:'slice',mm:10},200],['potato',{shape:'cube',mm:40},300]] as any)
 for (const m of [30,45,60,75,90]) {
  const { items } = assess(batchOf([item('w','water',1.5,'l'), item('x',food,g,'g',{cut})],[pressure(m,{method:'natural'})]), POT, SEA_LEVEL,{curves:false});
  const x=items.find(i=>i.id==='x')!;
  console.log(food, JSON.stringify(cut), m, x.grade, x.piece, x.cookValueCentreMin.toFixed(0), x.cookValueSurfaceMin.toFixed(0));
 }
