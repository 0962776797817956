import { readLine } from '../src/core/batch/reading';
import { conductionShape } from '../src/core/doneness';
import { usualCut } from '../src/core/batch/plan/usualCut';
for (const l of ['1.5 kg beef roast, in one piece','1 whole chicken (2.6 kg)','2.6 kg whole chicken','1.6 kg whole chicken','5 kg turkey','1 turkey (5 kg)','1 whole turkey, 11 lb','500 g minced beef, frozen block','2 lb frozen ground beef','1 whole lamb shoulder','lamb shoulder, 2 kg','2 kg lamb shoulder','1 pork shoulder','1 boneless pork shoulder (3 lb)','300 g green beans, 4 cm lengths','300 g green beans, cut into 4 cm pieces','4 large potatoes','2 kg pork shoulder, cut in 3 cm cubes','1.2 kg brisket','1 beef brisket','2 kg turkey breast','1 whole duck','3 lb chuck roast','3 lb chuck roast, cut into chunks','1 ham hock','2 kg pork belly in one piece','1 kg lamb neck, whole','1 kg venison','6 chicken thighs','1 octopus','900 g frozen mince','1 kg goulash meat','1 whole salmon fillet (800 g)','2 carrots, whole','800 g beef shin in one piece','1 leg of lamb','1 pork loin, 1.2 kg', '2 lb pot roast', '1 block frozen spinach (450 g)', '2 beef cheeks', '1 kg chicken thighs frozen in a block']) {
  const r = readLine(l);
  const cut = r.item && r.food ? (r.item.cut ?? usualCut(r.food, r.item.amount)) : null;
  const s = r.food && r.item ? conductionShape(r.food, cut) : null;
  console.log(l.padEnd(44), r.item?.food, JSON.stringify(r.item?.amount), JSON.stringify(cut), s && `${s.mm.toFixed(0)}mm n${s.n.toFixed(1)}`, r.item?.startC ?? '', '|', r.unsure.join('; '), r.refused ?? '');
}
