/** How a station works, on one screen. */
export interface Help {
  title: string;
  lines: readonly string[];
  keys?: readonly (readonly [string, string])[];
}

const trayKeys = [
  ['C', 'add chicken'],
  ['V', 'add a vegetable'],
  ['N', 'next food'],
  ['+ and −', 'more or fewer pieces'],
  [', and .', 'spoon a minute back or on'],
  ['Ctrl Z', 'undo'],
  ['Ctrl Y', 'redo'],
] as const;

const helps: Record<string, Help> = {
  tray: {
    title: 'The tray',
    lines: [
      'Put on it what you have, and say when dinner is. The sentence at the top answers: when everything is good, when the tray goes in and comes out.',
      'Below, each food has a row: broken hatching while it is not ready, amber while it is at its best, brown once it is past. The thin bar with two ends is how sure that is, nine times in ten.',
      'Drag the spoon to see the tray at any minute. In the picture a broken line is not ready yet, a whole one is, a dark one is past.',
      'Tap a row to change it: size and coats of a food, the oven and its trays, what your hands do meanwhile. Everything is saved as you go.',
      'It is a forecast. Only measured temperatures say serve.',
    ],
    keys: trayKeys,
  },
  prep: {
    title: 'The counter',
    lines: [
      'Mix: what goes on each food, and how much of each thing to take in the spoons you own.',
      'Order of work: from clean to raw, each with its time, worked back from dinner. Tick off as you go; what raw meat has touched never comes back to what is eaten as it is.',
      'Marinade: when it must go in, be turned, be out. It rings on every device.',
      'Cutting: the size that makes a vegetable ready with the meat.',
      'Buying and recipes: pieces for your table, and recipes in and out.',
    ],
  },
  evening: {
    title: 'The evening',
    lines: [
      'The whole meal on one clock, worked back from dinner: the counter, the oven, the hob, and what lies in the fridge. Drag the spoon to another time and everything moves.',
      'Tick off what is done. What is late moves everything after it, on every device, and says so; nothing is ever planned into the past.',
      'Sides of a hot oven bake at what the chicken needs: how long that takes them is worked out by the same engine.',
      'The chance says how often this oven and your hands would make it. A tray that goes in sooner rests for longer, and buys some of it back.',
      'When it cannot be, you see what could be given up, and what each buys.',
    ],
  },
  oven: {
    title: 'At the oven',
    lines: [
      'The large words are the one thing to do now; below it what comes next, with its time. Done moves on, late things stay and say how late they are.',
      'When a reading is due, it says which piece and where the tip goes. Type what the thermometer shows; each reading makes the forecast surer.',
      '“Serve” is only said once every food was measured hot enough. Looking, juices and time alone never say it.',
      'What you do by hand without being asked, tell it under “Also done”: foil, a turn, an open door, and what a thermometer that stands in the oven shows. The rest of the evening moves with it.',
    ],
  },
  log: {
    title: 'The log',
    lines: [
      'What happened over what was predicted: when each food was ready, what was measured, what was done. Look for a word, or for a cut, a vegetable, a mix.',
      'At table, tap how it was. What you write under “Next time” comes up when you bake it again; “Bake it again” plans the same with what is known today.',
      'Each reading teaches something about your oven, and the next plan reckons with it: see “What they taught”. An evening that should not count can be left out.',
      'Everything here is yours: each evening and the whole house can be taken away as files, in the Kitchen.',
    ],
  },
  kitchen: {
    title: 'Your kitchen',
    lines: [
      'What you say here once is used everywhere: the units you read, the clock, the trays you own, whose safety rule you follow.',
      'New trays begin with your usual oven and the first of your trays.',
      'After a weight, a size or a temperature another unit may be typed: “1 lb 4 oz”, “¾ in”, “400 °F”.',
    ],
  },
  why: {
    title: 'Why',
    lines: ['What the forecasts rest on: sources, and the engine held against published cases.'],
  },
};

/** By the first part of the address. */
export const helpFor = (pathname: string): Help | undefined => helps[pathname.split('/')[1] ?? ''];
