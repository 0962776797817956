/** More lines, written after the first were right; see there for what the answers say. */
export const SECOND_LINES = String.raw`
2 tablespoons vegetable oil | olive-oil 2tbsp
1 (3-pound) boneless pork shoulder, trimmed and cut into 2-inch cubes | pork-shoulder 3lb c50.8
2 pounds beef stew meat | beef-stewing 2lb
1 1/2 pounds chicken thighs (boneless and skinless) | chicken-thigh 1.5lb
4 bone-in pork chops | pork-loin ~ !bone-in or pork-ribs ~ !bone-in
1 medium yellow onion, diced | onion 1piece c
3 ribs celery, chopped | celery 3piece c
5 cloves garlic, minced | garlic 5piece c
1 tablespoon tomato paste | tomato-paste 1tbsp
1 14.5-ounce can diced tomatoes with juice | canned-tomatoes =411g
2 (15-ounce) cans white beans, rinsed | canned-beans =600g ask or canned-beans =600g or canned-beans 2can
4 cups low-sodium chicken broth | broth 4cup or salted-broth 4cup
1 cup water | water 1cup
1 teaspoon kosher salt, or to taste | salt 1tsp
1/2 teaspoon freshly ground black pepper | black-pepper 0.5tsp
1/4 tsp cayenne | chili-powder 0.25tsp or paprika 0.25tsp
1 tablespoon chili powder | chili-powder 1tbsp
2 teaspoons ground cumin | cumin 2tsp
1 teaspoon smoked paprika | paprika 1tsp
1/2 cup heavy cream, stirred in at the end | cream 0.5cup end
1 cup frozen corn | sweetcorn 1cup frozen
1 bunch kale, stems removed and chopped | kale ~ ask
8 ounces cremini mushrooms, sliced | mushrooms 8oz s
8 oz egg noodles, cooked separately | egg-noodles 8oz apart
1 cup ditalini, added after the pressure is off | ditalini 1cup end
1 cup wild rice blend | wild-rice 1cup
1 lb dried navy beans, soaked overnight and drained | navy-beans 1lb soak8
1 lb dried great northern beans, picked over, not soaked | great-northern 1lb soak0
1 cup dried split peas, sorted and rinsed | split-peas 1cup
16 oz bag of 15-bean mix | bean-mix 16oz
1 meaty ham bone | ham-bone 1piece
1 leftover ham bone with meat on it | ham-bone 1piece
1 smoked turkey wing | smoked-turkey-wing 1piece
2 smoked turkey legs, about 3 lb | smoked-turkey-leg =1361g
3 lb chicken backs and necks | chicken-frame 3lb or chicken-necks 3lb
1 chicken carcass | chicken-frame 1piece
2 kg chicken wings and feet | chicken-wings 1kg ask + chicken-feet 1kg ask
1 tbsp apple cider vinegar | vinegar 1tbsp
2 carrots, scrubbed, not peeled, in big chunks | carrot 2piece c
1 onion, skin on, halved | onion 1piece !skin !halved
1 head of garlic, halved crosswise | garlic 10piece ask or garlic 10piece
2 tsp whole black peppercorns | black-pepper 2tsp or whole-spice 2tsp
a few sprigs of parsley | herb-sprigs 3piece or parsley ~ ask or herb-sprigs ~ ask
a handful of parsley stalks | parsley ~ ask
small bunch of thyme | herb-sprigs ~ ask or dried-herbs ~ ask
1 tsp fennel seeds | whole-spice 1tsp or seeds 1tsp or cumin 1tsp
1 parmesan rind | parmesan-rind 1piece
50 g parmesan, grated, for the table | hard-cheese 50g apart
croutons, to serve | bread ~ apart ask
crusty bread for serving | bread ~ apart ask
200 g stale sourdough, torn, at the end | bread 200g end
1 tablespoon lemon juice, just before serving | lemon-juice 1tbsp end
1 lemon, juiced | lemon-juice ~
grated zest of 1 orange | citrus-peel ~
2 tbsp cornstarch dissolved in 3 tbsp water | starch 2tbsp + water 3tbsp
1 tbsp flour + 1 tbsp butter | flour 1tbsp + butter 1tbsp
2 tbsp soy sauce and 1 tbsp rice vinegar | soy-sauce 2tbsp + vinegar 1tbsp
1 tsp each salt, pepper and sugar | salt 1tsp + black-pepper 1tsp + sugar 1tsp
1/2 tsp each: dried thyme and oregano | dried-herbs 0.5tsp + dried-herbs 0.5tsp
salt, pepper, bay leaf | salt ~ ask + black-pepper ~ ask + bay-leaf 1piece ask
carrots, celery and onion | carrot ~ ask + celery ~ ask + onion ~ ask
300 g carrots and parsnips | carrot 150g ask + parsnip 150g ask
2 leeks + 2 potatoes | leek 2piece + potato 2piece
500g beef mince and 250g pork mince | minced-beef 500g + minced-pork 250g
1 leek, 1 carrot, 1 stick of celery and a bay leaf | leek 1piece + carrot 1piece + celery 1piece + bay-leaf 1piece
1 onion and 2 cloves garlic, both finely chopped | onion 1piece c + garlic 2piece c
beef or lamb mince, 500 g | minced-beef 500g
500 g beef or venison mince | minced-beef 500g
1 lb stew beef or lamb | beef-stewing 1lb ask
sunflower or rapeseed oil, 2 tbsp | olive-oil 2tbsp
1 cup chicken or vegetable stock | broth 1cup or salted-broth 1cup
2 cups water or stock | water 2cup ask
250 ml wine or extra stock | wine 250ml ask
1 swede or 2 turnips | swede 1piece ask
kale or cavolo nero, 150 g | kale 150g ask
1 can of coconut milk (13.5 oz) | coconut-milk =383g
1 carton (32 oz) beef broth | broth 32oz or salted-broth 32oz
1 packet onion soup mix | stock-base ~ ask
1 jar (24 oz) marinara | canned-tomatoes 24oz or spiced-sauce 24oz
1 small tin anchovies | fish-sauce ~ ask or smoked-fish ~ ask or oily-fish ~ ask
1 pkg. frozen spinach (10 oz) | spinach 10oz frozen
2 c. diced celery | celery 2cup c
3 c cubed potatoes | potato 3cup c
1 T. salt | salt 1tbsp
2 T. flour | flour 2tbsp
1 tsp. baking soda | salt ~ ask
1 gal water | water =3785g
2 gallons water | water =7571g
3 pts. stock | broth 3pt or salted-broth 3pt
1 stick of butter | butter =113g
half a stick of butter | butter =57g
a knob of butter | butter =15g ask
a slug of oil | olive-oil ~ ask
2 fingers of whisky | spirits ~ ask
a wine glass of sherry | fortified-wine ~ ask
3 buckets of water | water ~ ask
2 scoops of rice | white-rice ~ ask
1 ladle hot stock | broth =120g ask hot or salted-broth =120g ask hot
1 tumbler red lentils | red-lentils ~ ask
12 kg potatoes | potato 12kg ask
30 onions | onion 30piece
1 kg salt | salt 1kg ask
500 g bay leaves | bay-leaf 500g ask
6 l broth, hot | broth 6l hot
25 litres water | water 25l ask
2 lb frozen stew beef, in a block | beef-stewing 2lb frozen whole
500 g frozen minced beef | minced-beef 500g frozen ask
1 kg beef mince, frozen solid in one block | minced-beef 1kg frozen whole
4 frozen chicken breasts | chicken-breast 4piece frozen
6 chicken thighs from the freezer | chicken-thigh 6piece frozen
3 litres stock from the fridge | broth 3l
500 ml broth, just boiled | broth 500ml boiling or broth 500ml hot
2 l water straight from the kettle | water 2l boiling
400 g venison, thawed | venison-stewing 400g
1 kg raw turkey wings | turkey-wing 1kg
300 g cooked turkey, shredded | turkey-breast 300g end ask or turkey-thigh 300g end ask or cooked-ham 300g ask or smoked-chicken 300g
200 g cooked lentils | canned-lentils 200g or brown-lentils 200g ask
2 cups cooked barley, at the end | pearl-barley 2cup end ask
150 g leftover roast lamb, diced | lamb-shoulder 150g end ask or lamb-leg 150g end ask
600 g lamb neck fillet, sliced 3 cm thick | lamb-neck 600g s30
1 rack pork ribs, cut into 3-rib pieces | pork-ribs ~
2 oxtails, jointed | oxtail 2piece ask or oxtail 2piece
1.5 kg short ribs, English cut | beef-short-ribs 1.5kg
4 pieces of osso buco, 4 cm thick | veal-shank 4piece s40 or veal-shank 4piece c40 or shin-on-the-bone 4piece
1 ox tongue | tongue 1piece
500 g tripe, in strips | tripe 500g st
1 pig's head, halved | pig-head 1piece
2 calf's feet | calf-foot 2piece
1 rabbit, jointed | rabbit 1piece or rabbit ~
2 pheasants | game-bird 2piece
1 pheasant carcass | game-bird-frame 1piece
300 g cod loin, skinned, in 5 cm pieces | white-fish 300g c50
1 fish head | fish-frame 1piece or fish-frame ~ ask
1 kg crab shells | whole-crab 1kg or prawn-shells 1kg
200 g raw king prawns, shell on | prawns 200g !shell
1 fillet smoked haddock (250 g) | smoked-fish =250g
6 scallops, to finish | scallops 6piece end
2 cm piece of fresh ginger, peeled and grated | ginger ~ c
1 lemongrass stalk, bashed | lemongrass 1piece
4 lime leaves | herb-sprigs 4piece or bay-leaf 4piece or curry-leaves 4piece or whole-spice ~
3 dried red chillies | dried-chili 3piece
1 tbsp chipotle in adobo | chipotle-in-adobo 1tbsp
1 tsp turmeric | turmeric 1tsp
2 tsp curry powder | turmeric 2tsp or garam-masala 2tsp or dried-herbs 2tsp or cumin 2tsp or curry-paste 2tsp
2 tbsp red curry paste | curry-paste 2tbsp
100 g tamarind, soaked in 250 ml water | tamarind 100g !250
1 courgette, halved and sliced | courgette 1piece s
1 aubergine in 3cm cubes | aubergine 1piece c30
1/2 small pumpkin, in wedges | pumpkin ~ s
1 cauliflower, in florets | cauliflower 1piece
1 small white cabbage, cored and shredded | cabbage 1piece leaf
200 g green beans, cut in thirds | green-beans 200g
12 brussels sprouts, halved | brussels-sprouts 12piece !halved
1 tin sweetcorn, drained | sweetcorn ~
2 beetroot, grated | beetroot 2piece c
1 celeriac, peeled, 2 cm dice | celeriac 1piece c20
800 g jerusalem artichokes | jerusalem-artichoke 800g
15 g dried porcini | dried-mushrooms 15g
1 sheet kombu | kombu 1piece
3 tbsp white miso, whisked in after cooking | miso 3tbsp end
1 block tofu, cubed | tofu ~ c
1 block firm tofu (400 g), 2 cm cubes | tofu =400g c20
150 g udon, boiled separately | udon 150g apart
2 nests of egg noodles | egg-noodles ~ ask
100 g risoni | orzo 100g
75 g pearl barley, soaked 1 hour | pearl-barley 75g ask
120 g bulgur, for the end | bulgur 120g end
1 egg per person | egg 1piece ask
a little oil | olive-oil ~ ask
oil for frying | olive-oil ~ ask
some chopped dill | parsley ~ ask
water as needed | water ~ ask
cold water, enough to cover by 5 cm | water ~ ask
2 quarts cold water (or to the fill line) | water 2qt
1 recipe pie crust | bread ~ ask
`;
