// Requests as nobody's own page sends them: made from the published description of the API, and at random.
import { seeded, type Seeded } from '../../src/core/numeric/seeded.ts';

/** A request to be sent. */
export interface Hostile {
  readonly method: string;
  readonly path: string;
  readonly headers: Readonly<Record<string, string>>;
  readonly body: string | null;
}

/** Texts that forms and paths meet sooner or later. */
const TEXTS = [
  ...['', ' ', '0', '-1', '1,5', '1e308', 'NaN', 'null', 'true', '__proto__', 'constructor', 'toString'],
  ...[
    '../../etc/passwd',
    '%00',
    '%',
    "' or 1=1 --",
    '<script>alert(1)</script>',
    '{{7*7}}',
    '${7*7}',
    '=1+1'
  ],
  ...[
    '\u202eabc',
    '\u0000',
    '\ud800',
    '🙂'.repeat(50),
    'ß'.repeat(3000),
    'שלום',
    '2026-13-45',
    '-∞',
    'f/8',
    '1/60'
  ],
  ...['demo-load-marigold', 'demo-load-marigold-1', 'marigold', 'overcast', 'Europe/Oslo']
];
const NAMES = [
  ...['id', 'number', 'note', 'loadId', 'light', 'lv', 'choice', 'conditions', 'kind', 'tags', 'changes'],
  ...[
    '__proto__',
    'constructor',
    'revision',
    'patches',
    'set',
    'at',
    'zone',
    'frames',
    'edit',
    'from',
    'form'
  ]
];

/** Any value that JSON can say, some levels deep. */
function valueOf(random: Seeded, depth: number): unknown {
  const kind = Math.floor(random.between(0, depth > 4 ? 5 : 8));
  const many = Math.floor(random.between(0, random.between(0, 1) < 0.03 ? 9000 : 5));
  switch (kind) {
    case 0:
      return null;
    case 1:
      return random.between(0, 1) < 0.5;
    case 2:
      return random.oneOf([0, -1, 1.5, 1e308, -0, 2 ** 53, 12, 3]);
    case 3:
    case 4:
      return random.oneOf(TEXTS);
    case 5:
      return Array.from({ length: many }, () => valueOf(random, depth + 2));
    default:
      return Object.fromEntries(
        Array.from({ length: many % 12 }, () => [random.oneOf(NAMES), valueOf(random, depth + 1)])
      );
  }
}

/** A path with its places filled in. */
const filled = (path: string, random: Seeded): string =>
  path.replace(/\{[^}]+\}/g, () => encodeURIComponent(random.oneOf(TEXTS).toWellFormed()) || 'x');

function bodyOf(random: Seeded): readonly [type: string, body: string] {
  // larger ones are cut off by the server while they are sent, which is looked at elsewhere
  const json = JSON.stringify(valueOf(random, 0)).slice(0, 1_000_000);
  return random.oneOf([
    ...([
      ['application/json', json],
      ['application/json', json],
      ['application/json', json]
    ] as const),
    ...([
      ['application/json', json.slice(0, Math.floor(json.length / 2))],
      ['application/json', `${'['.repeat(5000)}1`],
      ['text/plain', json],
      [
        'application/x-www-form-urlencoded',
        `id=${encodeURIComponent(random.oneOf(TEXTS).toWellFormed())}&revision=x`
      ],
      [
        'multipart/form-data; boundary=x',
        `--x\r\ncontent-disposition: form-data; name="id"\r\n\r\n${json}\r\n--x`
      ],
      ['multipart/form-data', 'no boundary'],
      ['application/octet-stream', 'GIF89a']
    ] as const)
  ]);
}

/**
 * So many requests, the same for the same seed.
 * @param routes of the description: method and path with its places in braces @param pages with actions
 */
export function hostileRequests(
  seed: number,
  count: number,
  routes: readonly (readonly [method: string, path: string])[],
  pages: readonly string[]
): readonly Hostile[] {
  const random = seeded(seed);
  return Array.from({ length: count }, (): Hostile => {
    const toPage = random.between(0, 1) < 0.25;
    const [method, path] = toPage
      ? [
          'POST',
          `${random.oneOf(pages)}?/${random.oneOf(['', 'load', 'finish', 'default', 'constructor', 'valueOf', 'x', '__proto__'])}`
        ]
      : random.oneOf(routes);
    const query =
      random.between(0, 1) < 0.3
        ? `${path.includes('?') ? '&' : '?'}${random.oneOf(NAMES)}=${encodeURIComponent(random.oneOf(TEXTS).toWellFormed())}`
        : '';
    const [type, body] = bodyOf(random);
    const writes = method !== 'GET' && method !== 'HEAD';
    return {
      ...{ method, path: filled(path, random) + query },
      headers: writes ? { 'content-type': type } : {},
      body: writes ? body : null
    };
  });
}
