// What stands in scenes, in pieces, metres.
import type { Seeded } from '../numeric/seeded.ts';
import { COLOURS, type Colour } from './colours.ts';
import type { Piece } from './outline.ts';

/** Things by what they are. */
export const THING_NAMES = ['person', 'tree', 'fir', 'house', 'boat', 'statue', 'bench', 'post'] as const;
/** @see THING_NAMES */
export type ThingName = (typeof THING_NAMES)[number];

const COATS: readonly Colour[] = [
  ...([
    [0.36, 0.05, 0.04],
    [0.04, 0.1, 0.24],
    [0.5, 0.34, 0.05],
    [0.05, 0.045, 0.05]
  ] as const),
  ...([
    [0.08, 0.2, 0.14],
    [0.62, 0.6, 0.55]
  ] as const)
];
const WALLS: readonly Colour[] = [COLOURS.plaster, [0.42, 0.2, 0.13], [0.6, 0.57, 0.5], [0.22, 0.28, 0.33]];
const ROOFS: readonly Colour[] = [
  [0.26, 0.09, 0.06],
  [0.12, 0.11, 0.12],
  [0.2, 0.13, 0.09]
];

const bar = (
  colour: Colour,
  from: readonly [number, number],
  to: readonly [number, number],
  radius: number,
  round = radius
): Piece => ({ kind: 'bar', colour, from, to, radius, round });
const corners = (colour: Colour, at: readonly (readonly [number, number])[], round = 0): Piece => ({
  ...{ kind: 'corners', colour, corners: at, round }
});
const box = (colour: Colour, x: number, y: number, width: number, height: number, round = 0): Piece =>
  corners(
    colour,
    [
      [x, y],
      [x + width, y],
      [x + width, y + height],
      [x, y + height]
    ],
    round
  );

type Maker = (random: Seeded) => readonly Piece[];
const MAKERS: Readonly<Record<ThingName, Maker>> = {
  person: (random) => {
    const coat = random.oneOf(COATS);
    return [
      bar(COLOURS.dark, [-0.1, 0.06], [-0.1, 0.7], 0.075),
      bar(COLOURS.dark, [0.1, 0.06], [0.1, 0.7], 0.075),
      corners(
        coat,
        [
          [-0.3, 0.55],
          [0.3, 0.55],
          [0.2, 1.4],
          [-0.2, 1.4]
        ],
        0.3
      ),
      bar(coat, [-0.22, 1.33], [-0.3, 0.82], 0.07),
      bar(coat, [0.22, 1.33], [0.3, 0.82], 0.07),
      bar(COLOURS.skin, [0, 1.54], [0, 1.6], 0.12),
      bar(COLOURS.bark, [-0.03, 1.7], [0.03, 1.7], 0.085)
    ];
  },
  tree: (random) => {
    const crown = Array.from({ length: 6 }, (_, i): Piece => {
      const turn = (i / 6) * 2 * Math.PI;
      const at = [1.05 * Math.cos(turn), 3.7 + 0.85 * Math.sin(turn)] as const;
      return bar(COLOURS.leaves, at, at, random.between(0.8, 1.15), 2);
    });
    return [bar(COLOURS.bark, [0, 0], [0, 2.9], 0.17), ...crown];
  },
  fir: () => [
    bar(COLOURS.bark, [0, 0], [0, 0.8], 0.14),
    ...[0, 1, 2].map((i) =>
      corners(
        COLOURS.fir,
        [
          [-1.35 + 0.3 * i, 0.6 + 1.25 * i],
          [1.35 - 0.3 * i, 0.6 + 1.25 * i],
          [0, 2.7 + 1.1 * i]
        ],
        1.35
      )
    )
  ],
  house: (random) => {
    const wall = random.oneOf(WALLS);
    return [
      box(wall, -2.6, 0, 5.2, 2.9),
      corners(random.oneOf(ROOFS), [
        [-3, 2.8],
        [3, 2.8],
        [2.1, 4.6],
        [-2.1, 4.6]
      ]),
      box(COLOURS.dark, -1.8, 1.1, 0.8, 1.1),
      box(COLOURS.dark, 1, 1.1, 0.8, 1.1),
      box(COLOURS.bark, -0.45, 0, 0.9, 2)
    ];
  },
  boat: (random) => [
    corners(
      random.oneOf(COATS),
      [
        [-1.7, 0.08],
        [1.5, 0.08],
        [2, 0.7],
        [-2, 0.7]
      ],
      2
    ),
    bar(COLOURS.bark, [0, 0.6], [0, 4], 0.05),
    corners(COLOURS.white, [
      [0.12, 0.95],
      [1.7, 0.95],
      [0.12, 3.9]
    ]),
    corners(COLOURS.white, [
      [-1.3, 0.95],
      [-0.12, 0.95],
      [-0.12, 3.4]
    ])
  ],
  statue: () => [
    box(COLOURS.stone, -0.5, 0, 1, 1.1),
    box(COLOURS.stone, -0.6, 1.05, 1.2, 0.14),
    corners(
      COLOURS.stone,
      [
        [-0.3, 1.15],
        [0.3, 1.15],
        [0.22, 2.1],
        [-0.22, 2.1]
      ],
      0.3
    ),
    bar(COLOURS.stone, [0, 2.27], [0, 2.33], 0.14)
  ],
  bench: () => [
    box(COLOURS.iron, -0.75, 0, 0.08, 0.45),
    box(COLOURS.iron, 0.67, 0, 0.08, 0.45),
    box(COLOURS.boards, -0.85, 0.42, 1.7, 0.09),
    box(COLOURS.boards, -0.85, 0.62, 1.7, 0.1),
    box(COLOURS.boards, -0.85, 0.8, 1.7, 0.1)
  ],
  post: () => [
    bar(COLOURS.iron, [0, 0], [0, 3.3], 0.05),
    bar(COLOURS.iron, [-0.12, 3.35], [0.12, 3.35], 0.07),
    bar(COLOURS.white, [0, 3.55], [0, 3.6], 0.14)
  ]
};

/** The pieces of a thing, the last one in front. */
export const piecesOf = (name: ThingName, random: Seeded): readonly Piece[] => MAKERS[name](random);
