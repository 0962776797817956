import { FOODS } from '../src/core/food';
console.log(FOODS.length);
for (const g of new Set(FOODS.map(f=>f.group))) console.log(g+': '+FOODS.filter(f=>f.group===g).map(f=>f.key+'['+f.aliases.join('|')+']').join('; '));
