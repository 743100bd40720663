/** A part of a visit: what one does, where, and the picture that shows it in the guide that is printed. */
export type GuidePart = { readonly title: string; readonly says: readonly string[]; readonly picture?: string };

/** One visit from the doorbell to the papers. */
export const GUIDE: readonly GuidePart[] = [
  {
    title: 'Before the doorbell',
    says: [
      'Start a visit: type the town, tap the rooms. The town tells the sun, the clock, the units and the words; all of it can be put right later, and everything else may be left out.',
      'Every entry is saved as you make it, on this machine, without a network. “All saved” at the top means that it is on the disk. Z takes back what was said last, whatever it was.',
    ],
    picture: 'visits',
  },
  {
    title: 'Brief, while you take your coat off',
    says: [
      'For each room: what the client wants, in order if it is several things, when the room is used, what must not change, what annoys. In their words, where they say it well.',
      'If a floor or a worktop fights the wish, it is said here, before a sample is fetched.',
    ],
  },
  {
    title: 'Read the light',
    says: [
      'Stand at the window, read the compass, type the bearing. Tap the wall that has the window, drag it to its place; measure it when there is time. Add the lamps. A room without a window says so, and is judged by its lamps.',
      'The band at the bottom is the day as it falls in this room. Drag it, or press T for now, D B O for the sky, L for the lamps: everything above it changes with it.',
    ],
    picture: 'light',
  },
  {
    title: 'Record what stays',
    says: [
      'Floors, stone, trim, sofa, rug, a painting: each with its colours, the large ones first. By eye, from a photograph with white paper in it, from your instrument. Floors rule the choice; furnishings may share an undertone or answer it.',
    ],
    picture: 'stays',
  },
  {
    title: 'Narrow on the deck',
    says: [
      '“What could work here” lays every colour at every strength against everything that stays, in every light the room is used in, and says why. It is a beginning: take six or so to the bench, a strength of one before another colour. “Find a white” asks three questions and says why not the others; “Goes with”, beside every colour, finds its trims, accents, fabrics and what suits the other rooms.',
    ],
    picture: 'shortlist',
  },
  {
    title: 'At the bench',
    says: [
      'Look at the join. W works, E nearly, R no; then why, as many reasons as are true. Arrow keys go from thing to thing and from strength to strength, N and P from colour to colour, X lays them in a row along one thing, C hands the verdict to the client.',
      'What is computed shows after you have spoken (G shows it at once). Your eye outranks it: nothing computed changes what was said.',
    ],
    picture: 'bench',
  },
  {
    title: 'Read the record',
    says: [
      'Each colour and strength is a row: what was said beside each thing, what was computed where that differs, and the ruling: works here, nearly, not here, and why. It says in which lights nobody has looked yet.',
    ],
    picture: 'record',
  },
  {
    title: 'Put it together',
    says: [
      'Schemes gives walls, trim, ceiling, doors, curtains, cushions and an accent at once, in measure: from a painting or rug (photograph it with white paper beside it), from a colour, or from what works here. Take its largest colour and the piece recedes; take a minor one and it stands out.',
      'The house, first in the line of rooms, says which colours run through all of it, and what one white its trim could have.',
      'Keep two, let the client choose between them on the unfolded room, and decide the one they take in one tap. What a thing’s going would open up stands below.',
    ],
    picture: 'schemes',
  },
  {
    title: 'Plan the looks',
    says: [
      'The fewest moments from which everything the light does to these colours is seen. What can be looked at now stands on top. What falls after the visit goes to the client as cards, as a page for the phone, or into their calendar; what they answer is read in.',
    ],
    picture: 'looks',
  },
  {
    title: 'In paint',
    says: [
      'Three finalists, two coats, a white border, dry. The list says what to buy and what to say at the counter. A board is a new thing: it is looked at anew.',
    ],
    picture: 'samples',
  },
  {
    title: 'Decide, and sign',
    says: [
      'Tap a surface of the room unfolded and take a colour for it: walls, trim, doors, ceiling, with sheen, coats and primer. What is signed is what the papers say; a change after that is a revision and says why.',
    ],
    picture: 'decide',
  },
  {
    title: 'Hand over',
    says: [
      'The client’s sheet, the painter’s schedule, the counter’s order: on paper, as PDF, by mail. Colour, maker, code, strength in both wordings, sheen, surface. What is not decided says so.',
    ],
    picture: 'handover',
  },
];

/** Every computed word, once. */
export const GUIDE_WORDS: readonly (readonly [word: string, means: string])[] = [
  [
    'LRV',
    'light reflectance value: the share of light a colour gives back, 0 black to 100 white. Two points are hardly seen, ten plainly.',
  ],
  [
    'ΔE',
    'how different two colours are (CIEDE2000): under 1 nobody sees it in a room, 2 to 3 is seen when they touch, 10 are two colours.',
  ],
  ['K', 'kelvin, how warm or cool a light is: 2,700 K a warm lamp, 4,000 K neutral, 6,500 K grey daylight, 10,000 K blue sky.'],
  [
    'lx',
    'lux, how much light falls on the wall: 50 lx is a dim evening, 300 lx a bright room, 1,000 lx beside a window. Under 10 lx nobody judges a colour.',
  ],
  ['Ra', 'how truly a lamp shows colours, 100 at best; under 80 it turns some of them.'],
  ['Leans', 'the undertone: the weak hue left in a white, a grey or a beige. It shows beside something else.'],
  ['Strength', 'how much of the tint formula goes into the base. “75 %” and “cut by a quarter” are the same can.'],
  ['Predicted, computed', 'worked out from the colours, the room and the light. Marks in outline.'],
  [
    'Seen',
    'somebody looked, in the room, in that light. Solid marks. What was judged on a screen or a photograph is kept, and does not count as seen.',
  ],
  ['Works, nearly, not here', 'what a colour comes to in this room: the severest that was said of it, or what you set by hand.'],
  ['… % likely', 'the chance that a good consultant would sign it, by the model. It is no promise.'],
  ['Look', 'going to see the colours of a room in one of its lights.'],
  ['Kind of light', 'day without sun, sun from one side, overcast, lamps, lamps by day: only those the room has.'],
];
