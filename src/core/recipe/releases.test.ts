/** How people say what a cooker does: level, minutes and release, in many words (common practice). */
import { describe, expect, it } from 'vitest';
import { importRecipe } from './index';
import { summarise } from './summary';

/** Each way to say it, and its cycles: level (“any” where none is named), minutes, release with its minutes. */
const SAID: readonly (readonly [string, readonly string[]])[] = [
  [
    'Lid on, valve to seal, pressure cook on high for 17 min. Leave for 10 min, then knob to vent.',
    ['high 17 timed 10'],
  ],
  ['Cook on HI 22 min. NPR 10, QPR rest.', ['high 22 timed 10']],
  [
    'Pressure cook at high for 90 minutes followed by a full natural release (20-30 min).',
    ['high 90 natural'],
  ],
  ['Pressure: high. Time: 12 min. Release: quick.', ['high 12 quick']],
  [
    'Make sure the valve is closed. 6 minutes at high pressure. As soon as it beeps, release the pressure.',
    ['high 6 quick'],
  ],
  [
    'Cook for 40 minutes on high, switch off, and go away until the pin sinks.',
    ['high 40 natural'],
  ],
  [
    'High pressure for 2 minutes. Vent immediately, rice will carry on cooking in its heat.',
    ['high 2 quick'],
  ],
  ['Pressure cook on low for 3 min and release the steam right away.', ['low 3 quick']],
  [
    'Pop the lid on, 20 mins high. Natural for as long as you can bear, 10 mins minimum, then let rip.',
    ['high 20 timed 10'],
  ],
  ['Select Bean/Chili, adjust to 30 minutes. NPR.', ['any 30 natural']],
  [
    'Cook at high pressure for 14 min; natural pressure release 10 min; vent.',
    ['high 14 timed 10'],
  ],
  ['Cook 1 hour 15 minutes on high pressure; natural release 15 minutes.', ['high 75 timed 15']],
  [
    'High pressure 25 minutes then natural release. This takes about 20 minutes.',
    ['high 25 natural'],
  ],
  ['Once at pressure, time it for 9 minutes and then quick-release.', ['any 9 quick']],
  [
    'Cook on high for 5 min. Let stand 5 min. Quick-release the remaining pressure.',
    ['high 5 timed 5'],
  ],
  [
    'Press Pressure Cook/Manual and dial in 33 minutes on High. Allow natural release for 15 minutes before turning the valve.',
    ['high 33 timed 15'],
  ],
  ['Seal; 8 min high; open at once.', ['high 8 quick']],
  [
    'Pressurize and cook for 12 minutes, then release the pressure in short bursts.',
    ['any 12 quick'],
  ],
  ['Pressure cook 45. Natural 20.', ['any 45 timed 20']],
  ['High, 12 minutes. Natural, 10. Then quick.', ['high 12 timed 10']],
  [
    'Cook under high pressure, 10 minutes for firm or 12 for soft. Quick release.',
    ['high 10 quick'],
  ],
  [
    'Cook 28 minutes at high pressure and let the pot release by itself for 12, then help it along.',
    ['high 28 timed 12'],
  ],
  [
    'Set high pressure 4 minutes; when time is up hit cancel and do a quick release with a tea towel over the valve.',
    ['high 4 quick'],
  ],
  [
    'Using the pressure function, cook for 18 minutes on high. Wait until the float valve drops.',
    ['high 18 natural'],
  ],
  ['High pressure cook for 15 minutes with a 15 minute natural release.', ['high 15 timed 15']],
  ['Turn dial to pressure, 11 min. Steam release valve: turn after 5 min.', ['any 11 timed 5']],
  ['Pressure on full for 35 min, then leave to cool down on its own.', ['any 35 natural']],
  ['It needs 6 minutes on high and an instant release.', ['high 6 quick']],
  ['Cook (high, 13 min). Release (natural, all the way).', ['high 13 natural']],
  [
    'Cook on manual low pressure for one minute. Quick release as soon as it finishes.',
    ['low 1 quick'],
  ],
  [
    'Brown the beef in batches, 4 minutes a side. Add stock. Lid, high, 35. NPR.',
    ['high 35 natural'],
  ],
  [
    'Cook the beef at high pressure for 30 minutes, quick release. Add the onions and cook at high pressure for another 5 minutes. Quick release again.',
    ['high 30 quick', 'high 5 quick'],
  ],
  [
    'Sauté on high for 5 minutes. Pressure cook on high for 20 minutes. Natural release 10 minutes. Sauté on low for 5 minutes to reduce.',
    ['high 20 timed 10'],
  ],
  [
    'Bring the stock to a boil on sauté, about 5 minutes. Add the beef. Lock the lid. 22 minutes on high. Natural release.',
    ['high 22 natural'],
  ],
  [
    'Cook for 10 minutes on high; the pot will take 12 minutes to come to pressure. Quick release.',
    ['high 10 quick'],
  ],
  [
    'It takes about 15 minutes to come up to pressure, then 8 minutes to cook, then 10 to release naturally.',
    ['any 8 timed 10'],
  ],
  ['Cook 4 minutes at low pressure, wait 3 minutes, quick release.', ['low 4 timed 3']],
  ['Pressure cook on high: 12 minutes for small pieces. Release: NPR 10.', ['high 12 timed 10']],
  [
    'Slow cook on low for 8 hours, or pressure cook on high for 35 minutes with a natural release.',
    ['high 35 natural'],
  ],
  [
    'Simmer for 10 minutes with the lid off. Then pressure, high, 15 minutes. Quick.',
    ['high 15 quick'],
  ],
  [
    'Set the oven to 200 C. Pressure cook 20 min on high, QR, then roast on a tray for 15 min.',
    ['high 20 quick'],
  ],
  [
    'High pressure 40 minutes. If it is not tender, give it another 10. Natural release.',
    ['high 40 natural'],
  ],
  [
    'Stir every 2 minutes while the onions brown for 8. Add all. Pressure 18. NR.',
    ['any 18 natural'],
  ],
  [
    'Rest the dough 20 minutes. Steam the buns on high pressure 7 minutes. Quick release; rest 2 minutes.',
    ['high 7 quick'],
  ],
  [
    'Pressure cook the beans for 12 minutes on high; NR for 20. Drain. Back in the pot with the beef, 15 minutes at high, QR.',
    ['high 12 timed 20', 'high 15 quick'],
  ],
  [
    'Serve at once. (We cooked it 30 mins high last time, too long.) Cook 22 mins high, natural release 12.',
    ['high 22 timed 12'],
  ],
  [
    'Marinate for 2 hours. Seal the lid and cook for 9 min on high, and let it naturally release 5 min.',
    ['high 9 timed 5'],
  ],
  [
    'Pour in the stock, secure the lid and move the valve to sealing. Select high and 14 minutes. When the time is up, turn off the cooker and let the steam subside (10 minutes). Switch to venting to release the rest.',
    ['high 14 timed 10'],
  ],
  [
    'Reduce for 5 minutes. Close. 28 minutes under pressure. Let it sit for a further 10 minutes off the heat, valve closed. Vent.',
    ['any 28 timed 10'],
  ],
  ['Cook on high pressure for 8 minutes (10 if frozen). Quick release.', ['high 8 quick']],
  [
    'Cook on high pressure for 6 minutes and then leave the pressure to come down over 10 minutes before releasing.',
    ['high 6 timed 10'],
  ],
  ['Timer: 16 minutes, high pressure. Keep warm off. Natural release.', ['high 16 natural']],
  [
    'First cycle: high, 20 minutes, quick release. Second cycle: add greens, low, 1 minute, quick release.',
    ['high 20 quick', 'low 1 quick'],
  ],
  ['Pressure on HIGH/MORE for 50 min, NPR 20 min.', ['high 50 timed 20']],
  [
    'Cook on high pressure 13 minutes. Meanwhile toast the nuts for 5 minutes in a pan. When done, quick release.',
    ['high 13 quick'],
  ],
  ['Let come to room temperature for 30 minutes. Cook 45 min HP + 15 NPR.', ['high 45 timed 15']],
  ['Pressure cook high 7 | NPR 5 | QR', ['high 7 timed 5']],
  ['Cook 11 minutes at 75 kPa. Quick release.', ['any 11 quick']],
  ['High pressure. 19 minutes. Natural release. 10 minutes. Then open.', ['high 19 timed 10']],
  [
    'Cover and cook on high heat until it hisses, then lower the heat and cook 15 minutes under pressure. Let it drop on its own.',
    ['any 15 natural'],
  ],
  [
    'Seal the pot and let it do its thing for 32 minutes (high). It can wait up to an hour on natural release.',
    ['high 32 natural'],
  ],
  ['Do 15 minutes on high pressure, release as per the manual’s quick method.', ['high 15 quick']],
];

describe('level, minutes and release', () => {
  it.each(SAID)('%s', (method, wanted) => {
    const read = importRecipe(
      `Stew\nServes 4\n\n500 g beef, cubed\n2 onions\n300 ml stock\n\n1. Put everything in the pot.\n2. ${method}\n3. Season and serve.\n`,
    );
    if (!read.ok) throw new Error('not read');
    const cycles = summarise(read.value).cycles.map(
      ({ level, holdMinutes, release }) =>
        `${level ?? ''} ${holdMinutes ?? ''} ${release.kind}${release.kind === 'timed' ? ` ${release.minutes ?? ''}` : ''}`,
    );
    expect(
      cycles.map((c, i) => (wanted[i]?.startsWith('any') ? c.replace(/^\S*/, 'any') : c)),
    ).toEqual(wanted);
  });
});
