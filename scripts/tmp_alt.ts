import { runModel } from '../src/core/model';
import { batchOf, item, POT } from '../src/core/testing/kitchen';
import { cookValues } from '../src/core/doneness';
import FITTED from '../src/core/doneness/needs.json';
const table = FITTED as Record<string, {needMin:number,z:number,soaked?:{need:number}}>;
function done(food:string, cut:any, alt:number, g=300, extra:any={}) {
  const kitchen:any = { altitudeM: alt, ambientC: 20, units:'metric' };
  const b = batchOf([item('w','water',1.5,'l',{startC:20}), item('x',food,g,'g',{enters:'s2',...(cut&&{cut}),...extra})],[{id:'s1',kind:'simmer',minutes:0},{id:'s2',kind:'simmer',minutes:150}] as any);
  const { heat } = runModel(b, POT, kitchen);
  const t = heat.items['x']!; const from = heat.steps[1]!.startS;
  const f=table[food]!;
  const c = cookValues(heat.trace.s, t.centreC, f.z);
  const i = c.findIndex(v=>v>=f.needMin);
  return i<0?Infinity:(heat.trace.s[i]!-from)/60;
}
for (const [food,cut] of [['potato',{shape:'cube',mm:25}],['potato',{shape:'whole',mm:60}],['cabbage',{shape:'slice',mm:30}],['white-rice',null],['brown-lentils',null],['carrot',{shape:'slice',mm:12}]] as any) {
  const a=done(food,cut,0), b=done(food,cut,2200), c=done(food,cut,3500);
  console.log(food, a.toFixed(1), b.toFixed(1), (b/a).toFixed(2), c.toFixed(1), (c/a).toFixed(2));
}
