/** Jars, days, glass, canning, and plants that nobody cooks. */
import { casesOf, type Trial } from '../types';

const text = (words: string): Trial => ({ kind: 'text', text: words });
const recipe = (...does: readonly string[]): Trial =>
  text(['Bean soup', '1.5 l water', '400 g carrots', '', ...does].join('\n'));

export const KEPT = [
  ...casesOf('days', 'days', [
    [
      'A jar six days past its day is put into the freezer',
      'never',
      { kind: 'jar', days: [['fridge', 9]], asks: 'freeze it' },
    ],
    [
      'A jar of two days is put into the freezer',
      'nothing',
      { kind: 'jar', days: [['fridge', 2]], asks: 'freeze it' },
    ],
    [
      'A jar past its day goes into a plan',
      'never',
      { kind: 'jar', days: [['fridge', 6]], asks: 'plan it' },
    ],
    [
      'A jar of one day goes into a plan',
      'nothing',
      { kind: 'jar', days: [['fridge', 1]], asks: 'plan it' },
    ],
    [
      'Three days in the fridge, a month frozen, two days thawed',
      'never',
      {
        kind: 'jar',
        days: [
          ['fridge', 3],
          ['freezer', 30],
          ['fridge', 2],
        ],
        asks: 'plan it',
      },
    ],
    [
      'A day in the fridge, a month frozen, a day thawed',
      'nothing',
      {
        kind: 'jar',
        days: [
          ['fridge', 1],
          ['freezer', 30],
          ['fridge', 1],
        ],
        asks: 'plan it',
      },
    ],
    [
      'Two days, frozen, two days, and into the freezer again',
      'never',
      {
        kind: 'jar',
        days: [
          ['fridge', 2],
          ['freezer', 10],
          ['fridge', 3],
        ],
        asks: 'freeze it',
      },
    ],
    [
      'Frozen the day it was made, ten months ago',
      'nothing',
      { kind: 'jar', days: [['freezer', 300]], asks: 'plan it' },
    ],
    [
      'Thawed five days ago',
      'never',
      {
        kind: 'jar',
        days: [
          ['freezer', 60],
          ['fridge', 5],
        ],
        asks: 'plan it',
      },
    ],
  ]),
  ...casesOf('glass', 'glass', [
    [
      'Soup of 60 °C in glass goes into the freezer',
      'never',
      { kind: 'fill', freezes: true, glass: true, shoulders: false, warmestC: 60 },
    ],
    [
      'Cold soup in straight glass goes into the freezer',
      'nothing',
      { kind: 'fill', freezes: true, glass: true, shoulders: false, warmestC: 4 },
    ],
    [
      'Cold soup in jars with shoulders goes into the freezer',
      'caught',
      { kind: 'fill', freezes: true, glass: true, shoulders: true, warmestC: 4 },
    ],
    [
      'Hot soup in glass goes into the fridge',
      'caught',
      { kind: 'fill', freezes: false, glass: true, shoulders: false, warmestC: 85 },
    ],
    [
      'Soup of 60 °C in tubs goes into the freezer',
      'nothing',
      { kind: 'fill', freezes: true, glass: false, shoulders: false, warmestC: 60 },
    ],
  ]),
  ...casesOf('canning', 'canning', [
    [
      'Process the jars in a pressure canner',
      'never',
      recipe(
        'Cook at high pressure for 20 minutes.',
        'Process the jars in a pressure canner for 75 minutes at 10 psi.',
      ),
    ],
    [
      'Boil the filled jars in a water bath',
      'never',
      recipe(
        'Simmer 20 minutes.',
        'Ladle into jars and process in a boiling water bath for 20 minutes.',
      ),
    ],
    [
      'Store the sealed jars in the pantry',
      'never',
      recipe('Simmer 20 minutes.', 'Fill hot jars, seal and store in the pantry for up to a year.'),
    ],
    [
      'Turn the hot jars upside down until they seal',
      'never',
      recipe(
        'Simmer 20 minutes.',
        'Fill hot jars to the brim, screw the lids on and turn them upside down until they seal.',
      ),
    ],
    [
      'Pressure-can the broth',
      'never',
      recipe('Simmer 20 minutes.', 'Pressure-can the broth in quarts.'),
    ],
    [
      'Shelf-stable for months',
      'never',
      recipe('Simmer 20 minutes.', 'Bottled hot it is shelf-stable for months.'),
    ],
    [
      'Preserve in sterilised jars in a cool dark cupboard',
      'never',
      recipe(
        'Simmer 20 minutes.',
        'Pour into sterilised jars, close them and keep them in a cool dark cupboard.',
      ),
    ],
    [
      'Home-canned by the oven method',
      'never',
      recipe(
        'Simmer 20 minutes.',
        'Put the filled jars into the oven at 120 °C for an hour to can them.',
      ),
    ],
    [
      'Seal the lid and cook at high pressure',
      'nothing',
      recipe('Seal the lid and cook at high pressure for 20 minutes.', 'Quick release.'),
    ],
    [
      'Turn the valve to sealing',
      'nothing',
      recipe('Lock the lid, turn the valve to sealing and cook on high for 20 minutes.'),
    ],
    [
      'A can of tomatoes and canned beans',
      'nothing',
      text(
        [
          'Chili',
          '1 can tomatoes',
          '2 cans beans',
          '500 ml water',
          '',
          'Cook at high pressure for 10 minutes.',
        ].join('\n'),
      ),
    ],
    [
      'Freeze in jars with room at the top',
      'nothing',
      recipe('Simmer 20 minutes.', 'Cool and freeze in wide-mouth jars with an inch of headspace.'),
    ],
    [
      'Keep four days in a jar in the fridge',
      'nothing',
      recipe('Simmer 20 minutes.', 'Store in an airtight jar in the fridge for up to 4 days.'),
    ],
    [
      'Process in a blender until smooth',
      'nothing',
      recipe('Simmer 20 minutes.', 'Process in a blender until smooth.'),
    ],
    [
      'You can store the dry mix in a pantry',
      'nothing',
      recipe('Simmer 20 minutes.', 'You can serve it with bread from the pantry.'),
    ],
    [
      'A line that asks for jars to be sealed',
      'never',
      text('seal 6 jars in the pressure canner, 75 min'),
    ],
  ]),
  ...casesOf('plants', 'plants', [
    ['Bitter cassava', 'never', text('500 g bitter cassava')],
    ['Cassava, nobody says which', 'caught', text('500 g cassava')],
    ['Green potatoes', 'never', text('600 g green potatoes')],
    ['Potatoes', 'nothing', text('600 g potatoes')],
    ['Rhubarb leaves', 'never', text('200 g rhubarb leaves')],
    ['Rhubarb', 'nothing', text('200 g rhubarb')],
    ['Elderberry stems', 'never', text('50 g elderberry stems')],
    ['Apricot kernels', 'never', text('30 g apricot kernels')],
    ['Bitter almonds', 'never', text('30 g bitter almonds')],
    ['Wild mushrooms picked by somebody', 'caught', text('200 g wild mushrooms')],
    ['Mushrooms', 'nothing', text('200 g mushrooms')],
    ['Potato leaves, like spinach', 'never', text('100 g potato leaves like spinach')],
    ['Tomato leaves, like kale', 'never', text('100 g tomato leaves like kale')],
    ['Green beans', 'nothing', text('300 g green beans')],
    ['Green bell pepper', 'nothing', text('1 green bell pepper')],
  ]),
];
