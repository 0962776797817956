/**
 * Sentences about lids and releases, with the right reading: minutes under pressure, setting, release, one lid
 * after another. Written down before they were read; sentences of our own, in the ways that kitchens write them,
 * electric and stovetop.
 */

/** A way of saying it, and its lids: "20 timed 10" is 20 minutes, then 10 of waiting, then the valve. */
export type Lids = readonly [says: string, lids: readonly string[]];

export const LIDS: readonly Lids[] = [
  [
    'Cook on high pressure for 35 minutes. Natural release for 10 minutes, then quick release.',
    ['35 timed 10'],
  ],
  [
    'Pressure cook 35 minutes with a 10 minute natural release followed by a quick release.',
    ['35 timed 10'],
  ],
  [
    'Lock the lid and cook at high pressure for 20 minutes. Let the pressure release naturally for 15 minutes. Release any remaining pressure.',
    ['20 timed 15'],
  ],
  ['HP 25 min, NPR 10, QR the rest.', ['25 timed 10']],
  [
    'Cook at high pressure for 12 minutes. When it beeps, let it sit for 10 minutes, then open the vent.',
    ['12 timed 10'],
  ],
  ['Set to manual, high pressure, 40 minutes. Allow a full natural release.', ['40 natural']],
  ['High pressure for 8 minutes, quick release.', ['8 quick']],
  [
    'Cook on high for 30 minutes under pressure and let the pressure come down on its own.',
    ['30 natural'],
  ],
  [
    'Seal and cook for 4 minutes at high pressure, then release the steam straight away.',
    ['4 quick'],
  ],
  ['Pressure cook on high 1 hour. Natural release, about 20 minutes.', ['60 natural']],
  ['Close the lid and pressure cook on low for 3 minutes. Quick release.', ['low 3 quick']],
  [
    'Cook under high pressure for 45 minutes; leave it for a quarter of an hour before you let the rest of the steam out.',
    ['45 timed 15'],
  ],
  [
    'Bring up to high pressure, reduce the heat and cook for 25 minutes. Remove from the heat and let the pressure drop by itself.',
    ['25 natural'],
  ],
  [
    'Bring to pressure over high heat, then lower the heat to keep it there and cook 18 minutes. Run the cooker under cold water to bring the pressure down.',
    ['18 coldwater'],
  ],
  [
    'Once at full pressure, turn the heat down and time 10 minutes. Take off the heat and release the pressure quickly.',
    ['10 quick'],
  ],
  [
    'Lock on the lid, bring to 15 psi and cook for 30 minutes. Let it come down naturally.',
    ['30 natural'],
  ],
  ['Cook at pressure level 2 for 12 minutes. Release by the cold water method.', ['12 coldwater']],
  [
    'Cook the beef at high pressure for 30 minutes. Quick release. Add the carrots and cook at high pressure for another 5 minutes. Quick release again.',
    ['30 quick', '5 quick'],
  ],
  [
    'Cook the beans on high pressure for 20 minutes and release naturally. Open, add the carrots, lock the lid and cook 3 minutes more at high pressure; quick release.',
    ['20 natural', '3 quick'],
  ],
  [
    'Pressure cook at high for 50 minutes. Let it naturally release for at least 15 minutes before venting.',
    ['50 timed 15'],
  ],
  [
    'Set the timer for 22 minutes at high pressure. When the time is up, wait 5 minutes and then vent in short bursts.',
    ['22 pulsed 5'],
  ],
  [
    'Cook 15 minutes at high pressure. Do a 5-minute natural release. Then carefully turn the valve to venting.',
    ['15 timed 5'],
  ],
  ['Cook on HIGH pressure for 0 minutes, then quick release.', ['0 quick']],
  [
    'It will take about 15 minutes to come to pressure. Cook for 10 minutes at high pressure, then natural release for 10 minutes.',
    ['10 timed 10'],
  ],
  [
    'Pressure cook for 1 hour and 15 minutes on high. Let the pin drop on its own, 25 to 30 minutes.',
    ['75 natural'],
  ],
  ['Cook at high pressure for 6-8 minutes. Manually release the pressure.', ['7 quick']],
  [
    'Close and lock the lid. Cook at high pressure for 10 minutes. Turn off the heat. Wait for the pressure to fall naturally, then open.',
    ['10 natural'],
  ],
  ['Seal the pot. High pressure, 18 minutes. NR 10.', ['18 timed 10']],
  [
    'Pressure cook on high for 25 minutes, allowing 10 minutes natural pressure release, and then manually release the rest.',
    ['25 timed 10'],
  ],
  ['Cook for 3 whistles, about 12 minutes. Let the pressure settle by itself.', ['12 natural']],
  [
    'Put the lid on and set the valve to sealing. Cook on manual for 28 minutes. Once done, do a natural release for ten minutes and release the remaining steam.',
    ['28 timed 10'],
  ],
  [
    'Cook at high pressure 30 min. Release pressure naturally 10 min; release remaining pressure.',
    ['30 timed 10'],
  ],
  [
    'Pressure-cook for half an hour at high pressure. Allow the pressure to release by itself for ten minutes, after which open the valve.',
    ['30 timed 10'],
  ],
  ['Lid on, high pressure for 14 minutes, natural pressure release.', ['14 natural']],
  ['High pressure 14 minutes. Immediately flick the valve to release the steam.', ['14 quick']],
  [
    'Cook at high pressure for 40 minutes. If the meat is still tough, cook for another 10 minutes at pressure. Natural release.',
    ['40 natural'],
  ],
  [
    'Simmer the onions for 5 minutes in the open pot. Lock the lid, bring to high pressure and cook for 20 minutes. Let stand 10 minutes, then release the steam.',
    ['20 timed 10'],
  ],
  [
    'Cook in the pressure cooker on the sauté setting for 5 minutes. Add the stock and cook at high pressure for 15 minutes. Quick release.',
    ['15 quick'],
  ],
  [
    'Cook under pressure for 20 minutes (15 minutes if the pieces are small). Natural release.',
    ['20 natural'],
  ],
  [
    'Pressure cook 20 minutes. Release pressure. Stir in the spinach and let it sit for 5 minutes.',
    ['20 quick'],
  ],
];

/** A second set, written after the first was right and before it was read. */
export const MORE_LIDS: readonly Lids[] = [
  [
    'Pressure cook on high for 18 mins; natural release 15 mins; quick release remaining steam.',
    ['18 timed 15'],
  ],
  [
    'Close lid, steam valve to sealing, cook 22 minutes at high pressure, natural pressure release for 12 minutes and then quick pressure release.',
    ['22 timed 12'],
  ],
  [
    'Cook at high pressure for 9 minutes. Leave on keep warm for 10 minutes, then release the steam.',
    ['9 timed 10'],
  ],
  [
    'Let it cook at pressure for half an hour, then take the pot off the heat and wait until the pressure has gone.',
    ['30 natural'],
  ],
  [
    'Bring the pot up to pressure. Turn the flame to low and cook for 16 minutes. Leave off the heat until the pin drops.',
    ['16 natural'],
  ],
  [
    'When the cooker reaches high pressure, lower the heat and cook for 7 minutes. Cool it under a cold tap to release the pressure.',
    ['7 coldwater'],
  ],
  ['Pressure cook for 90 minutes. NPR.', ['90 natural']],
  ['Pressure cook for 90 minutes. NPR for 20 min.', ['90 timed 20']],
  ['High pressure 30 minutes, 10 minute NR, QR.', ['30 timed 10']],
  [
    'Select pressure cook, high, 25 minutes. Let pressure release naturally for 10 to 15 minutes then vent.',
    ['25 timed 12.5'],
  ],
  ['Cook 5 minutes on high pressure with a quick release.', ['5 quick']],
  [
    'Lock the lid in place. Over high heat bring to high pressure. Reduce the heat just enough to keep high pressure and cook for 32 minutes. Quick-release under cold running water over the lid.',
    ['32 coldwater'],
  ],
  [
    'Cook on high pressure for 20 minutes. Let the pot rest, closed, for 10 minutes. Open the valve and let out the rest of the steam.',
    ['20 timed 10'],
  ],
  [
    'Set it for 0 minutes at high pressure and let the pressure come down by itself for 5 minutes before releasing.',
    ['0 timed 5'],
  ],
  ['Pressure cook on HIGH 40 min with natural release.', ['40 natural']],
  ['Cook at low pressure for 2 minutes, then immediately release the pressure.', ['low 2 quick']],
  [
    'Cook the chickpeas under pressure for 45 minutes. Release naturally. Meanwhile fry the onions in another pan for 10 minutes. Add the spinach, lock the lid and cook at high pressure for 1 minute. Quick release.',
    ['45 natural', '1 quick'],
  ],
  [
    'After 4 whistles lower the heat and cook for 10 minutes. Switch off and let the steam settle on its own.',
    ['10 natural'],
  ],
  [
    'Pressure cook on high for 35 minutes. Do not quick release: let it come down naturally.',
    ['35 natural'],
  ],
  [
    'Cook at high pressure for 15 minutes. Use the natural release method for 10 minutes, then the quick release method.',
    ['15 timed 10'],
  ],
  ['Pressure cook (high) for 50 minutes followed by a 20-minute natural release.', ['50 timed 20']],
  [
    'Simmer, uncovered, for 15 minutes. Cover, lock and cook at high pressure for 25 minutes. Quick release. Simmer 10 minutes more to thicken.',
    ['25 quick'],
  ],
  [
    'Cover with the lid and cook on high pressure for 20 minutes, leaving it to release naturally for 15 minutes before opening.',
    ['20 timed 15'],
  ],
  [
    'Cook for 12 minutes at high pressure; when done, unplug and allow natural release, 15 to 20 minutes.',
    ['12 natural'],
  ],
  ['Pressure cook 28 minutes. Carefully do a controlled quick release, in pulses.', ['28 pulsed']],
  ['Cook 30 minutes at 12 psi. Let stand until the lid opens easily.', ['30 natural']],
  ['Turn to high pressure and set 6 minutes. Release the valve.', ['6 quick']],
  [
    'Close the lid. Press manual and adjust to 35 minutes. When finished let it depressurize naturally for 20 minutes. Then turn the valve to venting to release the rest.',
    ['35 timed 20'],
  ],
  [
    'Let the stew cook for 25 minutes from the moment the valve starts to hiss. Take it off the heat; the pressure should fall by itself.',
    ['25 natural'],
  ],
  [
    'Cook under pressure: 40 minutes for the beans. Then natural release. Add the carrots and simmer with the lid off for 12 minutes.',
    ['40 natural'],
  ],
];

/** A third set, written after the second was right and before it was read. */
export const LAST_LIDS: readonly Lids[] = [
  [
    'Cook for 45 minutes on high pressure, then NPR for 10-15 minutes, then QPR.',
    ['45 timed 12.5'],
  ],
  [
    'Secure the lid, turn the valve to sealing and pressure cook at high for 17 minutes. Once the cooking cycle ends, let it naturally release the pressure for 5 minutes, then turn the valve to venting.',
    ['17 timed 5'],
  ],
  ['Pressure cook on high for 3 minutes and release the pressure right away.', ['3 quick']],
  [
    'Bring to high pressure and cook for 1 hour 10 minutes. Allow the pressure to drop naturally.',
    ['70 natural'],
  ],
  [
    'Cook at full pressure for 20 minutes, remove from the heat and let the pressure reduce slowly by itself.',
    ['20 natural'],
  ],
  [
    'Fit the lid. Bring up to pressure, then cook for 12 minutes over a low flame. Release the steam in short bursts.',
    ['12 pulsed'],
  ],
  [
    'Wait for two whistles, then simmer for 15 minutes. Let it rest until the pressure is down.',
    ['15 natural'],
  ],
  [
    'Put on the pressure lid and cook at high pressure for 14 minutes; quick release the pressure by moving the vent to open.',
    ['14 quick'],
  ],
  [
    'Pressure cook everything for 25 minutes on high, leave for 10 minutes of natural release, vent the remainder.',
    ['25 timed 10'],
  ],
  [
    'Cook the lamb under pressure for 35 minutes with natural pressure release. Add the potatoes and carrots, pressure cook 4 minutes more, quick release.',
    ['35 natural', '4 quick'],
  ],
  [
    'Hit cancel. Set to pressure cook for 10 minutes. Natural release for 8 minutes, then quick.',
    ['10 timed 8'],
  ],
  [
    'Cook on high pressure for 20 minutes, natural release 20 minutes. Open and simmer on sauté for 10 minutes until thick.',
    ['20 timed 20'],
  ],
  ['High pressure: 30 min. Release: natural.', ['30 natural']],
  ['High pressure: 6 min. Release: quick.', ['6 quick']],
  [
    'Pressure level: high. Time: 24 minutes. Release: 10 minutes natural, then quick.',
    ['24 timed 10'],
  ],
  [
    'Reduce the heat once the weight begins to rock and cook for 8 minutes. Cool at once under running cold water.',
    ['8 coldwater'],
  ],
  [
    'Lock the lid and cook on high for 55 minutes. Release naturally (this takes about 25 minutes).',
    ['55 natural'],
  ],
  [
    'Cook at high pressure 10 minutes, no release: leave it shut until the pin falls.',
    ['10 natural'],
  ],
  [
    'Let cook 20 minutes at pressure, wait 10 more minutes off the heat and then open the valve a little at a time.',
    ['20 pulsed 10'],
  ],
  [
    'Once it is up to pressure set a timer for thirty-five minutes. Natural release.',
    ['35 natural'],
  ],
];
