/**
 * Lines as cooks write them, each with its right answer, written down before it was read.
 *
 * `line | food amount facts + food amount facts`: an amount, or `~` for any; facts are `c20` (cubes of 20 mm), `s`,
 * `st`, `leaf`, `crumb` or `whole` (a cut of any size without a number), `frozen`, `warm`, `hot`, `boiling`,
 * `soak12`, `apart`, `end`, `ask` (it asks), and `!word` for a word that is no fact of the model and must not be taken
 * for one in silence. Two answers are parted by `or`.
 */
export const FIRST_LINES = String.raw`
1.2 kg lamb neck, in 4 cm chunks | lamb-neck 1.2kg c40
2 lb bone-in chicken thighs, skin removed | chicken-thigh 2lb !bone-in !skin or chicken-leg 2lb !bone-in !skin
3 carrots, peeled and cut into 1-inch pieces | carrot 3piece c25.4
1 large onion, roughly chopped | onion 1piece c
4 cloves garlic, smashed | garlic 4piece
2 sticks celery, sliced | celery 2piece s
1 cup pearl barley, rinsed | pearl-barley 1cup
1 1/2 litres cold water | water 1.5l
1.5 l hot chicken stock | broth 1.5l hot or salted-broth 1.5l hot
2 tbsp olive oil | olive-oil 2tbsp
1 tsp salt | salt 1tsp
salt and pepper | salt ~ ask + black-pepper ~ ask
salt and black pepper to taste | salt ~ ask + black-pepper ~ ask
1 tsp each cumin and coriander | cumin 1tsp + coriander-seed 1tsp
1 teaspoon each of ground cumin, ground coriander and turmeric | cumin 1tsp + coriander-seed 1tsp + turmeric 1tsp
2 carrots and 1 leek | carrot 2piece + leek 1piece
2 onions, 3 carrots, 2 celery stalks | onion 2piece + carrot 3piece + celery 2piece
1 onion, 2 carrots and a stick of celery, all diced | onion 1piece c + carrot 2piece c + celery 1piece c
3 T. butter | butter 3tbsp
2 T olive oil | olive-oil 2tbsp
1 t. dried thyme | dried-herbs 1tsp
1/2 t salt | salt 0.5tsp
2 sticks butter | butter =226g
butter or olive oil, 2 tablespoons | butter 2tbsp ask or olive-oil 2tbsp ask
2 tbsp butter or ghee | butter 2tbsp ask or ghee 2tbsp ask
1 lb ground beef or turkey | minced-beef 1lb ask or minced-poultry 1lb ask
400 g minced lamb | minced-beef 400g or minced-pork 400g or minced-poultry 400g ask or hamburger-meat 400g ask
1 lb lean ground turkey | minced-poultry 1lb
500 g dried chickpeas, soaked overnight | chickpeas 500g soak8
500 g dried chickpeas, not soaked | chickpeas 500g soak0
1 lb pinto beans, no soaking | pinto-beans 1lb soak0
300 g borlotti, soaked 12 hours | borlotti 300g soak12
250 g white beans, soaked for 30 minutes in hot water | cannellini 250g soak0.5 !hot or navy-beans 250g soak0.5 !hot or great-northern 250g soak0.5 !hot
2 cups black beans (dried, unsoaked) | black-beans 2cup soak0
1 can black beans, drained and rinsed | canned-beans 1can
2 (400 g) tins chopped tomatoes | canned-tomatoes =800g
1 28-oz can crushed tomatoes | canned-tomatoes =794g
1 x 400g tin chickpeas, drained | canned-chickpeas 1can
800 g frozen beef shin, in one lump | beef-shank 800g frozen whole
1 kg frozen chicken thighs | chicken-thigh 1kg frozen
frozen peas, 200 g | peas 200g frozen
200 g peas, frozen | peas 200g frozen
1 bag frozen spinach, thawed | spinach ~ ask
500 g prawns, thawed | prawns 500g
2 chicken breasts, frozen | chicken-breast 2piece frozen
1.5 kg beef brisket in one piece | beef-brisket 1.5kg whole
3 lb chuck roast | beef-stewing 3lb whole or beef-round 3lb whole
2 kg pork shoulder, cut into 5 cm cubes | pork-shoulder 2kg c50
1 whole chicken, about 1.6 kg | whole-chicken =1600g
1 chicken (3 1/2 lb) | whole-chicken =1588g
a 2 kg turkey frame, broken up | turkey-frame 2kg
leftover turkey carcass | turkey-frame 1piece ask
1 kg veal knuckle, sawn | veal-knuckle 1kg
2 pig's trotters, split | pork-trotter 2piece
1 smoked ham hock (about 700 g) | ham-hock =700g
250 g cooked ham, cubed, stirred in at the end | cooked-ham 250g c end
2 cups cooked chicken, shredded, added at the end | chicken-breast ~ end ask or chicken-thigh ~ end ask or smoked-chicken ~ end
1 handful of kale, torn, at the end | kale ~ end ask
parsley, chopped, for serving | parsley ~ apart ask
grated parmesan, to serve | hard-cheese ~ apart ask
soured cream, to serve | creme-fraiche ~ apart ask or smetana ~ apart ask
2 tbsp chopped coriander to garnish | parsley 2tbsp apart
lime wedges for serving | lemon-juice ~ apart ask or orange ~ apart ask
300 g egg noodles, cooked separately | egg-noodles 300g apart
200 g ditalini, cooked apart | ditalini 200g apart
1 cup white rice, cooked in its own pan | white-rice 1cup apart
2 cups cooked white rice, for serving | white-rice ~ apart
1/2 cup flour, divided | flour 0.5cup !divided
4 tbsp oil, divided | olive-oil 4tbsp !divided
1 cup chicken broth, plus more as needed | broth 1cup !more or salted-broth 1cup !more
2 tbsp olive oil, plus extra for drizzling | olive-oil 2tbsp !extra
salt, plus more to taste | salt ~ ask
3 ladles of stock | broth =360g ask
2 mugs of red lentils | red-lentils ~ ask
1 wineglass of white wine | wine ~ ask
1 glass red wine | wine ~ ask
half a bottle of red wine | wine =375g ask
1 jigger of brandy | spirits ~ ask
2 knobs of butter | butter ~ ask
3 rashers smoked bacon | smoked-bacon 3piece
1 thumb of ginger | ginger 1piece
2 inch piece of ginger, sliced | ginger 1piece s
a good glug of olive oil | olive-oil ~ ask
2 heaped tsp paprika | paprika 2tsp
1 level tablespoon tomato purée | tomato-paste 1tbsp
1 tube tomato paste | tomato-paste ~ ask
1 stock cube | stock-base 1piece
2 chicken bouillon cubes | stock-base 2piece
1 dollop crème fraîche | creme-fraiche ~ ask
75 kg lamb shoulder | lamb-shoulder 75kg ask
432 g salt | salt 432g ask
20 l water | water 20l ask
5 kg garlic | garlic 5kg ask
300 bay leaves | bay-leaf 300piece ask
2 cups salt | salt 2cup ask
3 kg spinach | spinach 3kg ask
1 kg potatoes, peeled, in 3 cm chunks | potato 1kg c30
6 new potatoes, halved | new-potatoes 6piece
500 g waxy potatoes, sliced 1 cm thick | potato 500g s10
1 butternut squash, peeled and cubed (2 cm) | butternut-squash 1piece c20
1/2 head cabbage, shredded | cabbage 0.5piece leaf
1/4 red cabbage | red-cabbage 0.25piece
1 bunch cavolo nero, stems removed, shredded | cavolo-nero ~ leaf ask
1 bunch flat-leaf parsley | parsley ~ ask
3 sprigs thyme | herb-sprigs 3piece
2 bay leaves | bay-leaf 2piece
10 peppercorns | whole-spice ~ or black-pepper ~
1 star anise | star-anise 1piece
1 cinnamon stick | cinnamon-stick 1piece
5 green cardamom pods, crushed | whole-spice 5piece
1 stalk lemongrass, bruised | lemongrass 1piece
2 strips lemon zest | citrus-peel 2piece st or citrus-peel 2piece
juice of 1 lemon | lemon-juice =45g
juice of half a lemon | lemon-juice =22g
zest and juice of 1 lime | citrus-peel ~ + lemon-juice ~
1 tin coconut milk | coconut-milk 1can
400 ml can of coconut milk | coconut-milk =400g
300ml double cream | cream 300ml
2 eggs, beaten | egg 2piece
100g macaroni | short-pasta 100g
250 g orecchiette or ditalini | short-pasta 250g ask or ditalini 250g ask
1/2 box spaghetti, broken | spaghetti ~ ask
2 bricks instant noodles | instant-noodles ~ ask
1 cup basmati rice, rinsed and soaked 30 min | white-rice 1cup !soaked
1 c. brown lentils | brown-lentils 1cup
2 c yellow split peas | split-peas 2cup
1 pt beef stock | broth 1pt or salted-broth 1pt
1 qt water, boiling | water 1qt boiling
6 cups boiling water | water 6cup boiling
750 ml hot water from the kettle | water 750ml boiling or water 750ml hot
1 l warm broth | broth 1l warm
1 jar of venison stock | broth ~ ask
beef stock, 1 litre | broth 1l or salted-broth 1l
water to cover | water ~ ask
enough water to cover the bones | water ~ ask
water up to the max line | water ~ ask
1-2 dried chillies | dried-chili =1.5piece ask or dried-chili 1.5piece ask
2 to 3 carrots | carrot 2.5piece ask
about 1 kg oxtail | oxtail 1kg
approx. 500 g beef cheeks, whole | beef-cheek 500g whole
12 oz. kielbasa, sliced 1/2 inch thick | smoked-sausage 12oz s12.7
4 merguez sausages | sausage 4piece
1 ring smoked sausage, cut in coins | smoked-sausage 1piece s
1 lb boneless, skinless chicken thighs, cut in 1" pieces | chicken-thigh 1lb c25.4 !boneless
2 duck legs, skin on | duck-leg 2piece !skin
450g white fish fillets, in large chunks | white-fish 450g c
1 kg fish heads and bones | fish-frame 1kg
shells of 500 g prawns | prawn-shells ~
500 g mussels, scrubbed | mussels 500g
1 lb squid, cleaned, in rings | squid 1lb s
1 fennel bulb, sliced, fronds kept | fennel 1piece s !fronds
2 leeks, white part only, 15 mm rings | leek 2piece s15 !white
1 green pepper, deseeded and diced | bell-pepper 1piece c
2 red chillies, finely chopped | fresh-chili 2piece c
1 scotch bonnet, left whole | scotch-bonnet 1piece
200 g mushrooms, quartered | mushrooms 200g
20 g dried porcini, soaked in 200 ml hot water | dried-mushrooms 20g !200
1 cup sweetcorn kernels | sweetcorn 1cup
2 ears of corn, halved | corn-cob 2piece
1 sweet potato, large dice | sweet-potato 1piece c
100 g spinach, washed | spinach 100g
3 tomatoes, chopped | tomato 3piece c
10 cherry tomatoes | cherry-tomatoes 10piece
2 tablespoons tomato paste mixed with 1 cup water | tomato-paste 2tbsp + water 1cup
1 tbsp cornflour mixed with 2 tbsp cold water | starch 1tbsp + water 2tbsp
250 g quinoa, cooked | quinoa 250g ask
1 rotisserie chicken, meat picked | whole-chicken 1piece ask or chicken-breast ~ ask or chicken-thigh ~ ask
500 g raw peanuts | peanuts 500g
2 tbsp smooth peanut butter | nut-butter 2tbsp
1 tbsp miso, stirred in at the end | miso 1tbsp end
1 tbsp fish sauce | fish-sauce 1tbsp
1 tsp sugar | sugar 1tsp
pinch of saffron | saffron ~ ask
a pinch each of salt and sugar | salt ~ ask + sugar ~ ask
1 tbsp oil for frying | olive-oil 1tbsp
600 g stewing venison, 3 cm cubes | venison-stewing 600g c30
1 boned leg of lamb, 1.8 kg | lamb-leg =1800g whole
1 kg lamb shoulder on the bone | lamb-shoulder 1kg !bone ask
4 lamb shanks | lamb-shank 4piece
2 kg beef marrow bones, roasted | beef-marrow-bone 2kg !roasted
1 lb chicken feet, nails clipped | chicken-feet 1lb
3 onions (2 sliced, 1 diced) | onion 3piece ask
100 g red lentils per person | red-lentils ~ ask
`;
