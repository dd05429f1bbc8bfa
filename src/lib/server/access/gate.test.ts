import { describe, expect, test } from 'vitest';
import { readConfig } from '../config.ts';
import { openDatabase } from '../database/open.ts';
import { gateOf, isOpen, MOST_IN_ALL, MOST_TRIES } from './gate.ts';
import { passcodes } from './passcode.ts';

async function accessWith(passcode: string, now: () => number = () => Date.UTC(2026, 4, 1)) {
  const access = passcodes(openDatabase(':memory:'), now);
  await access.set(passcode);
  return access;
}
const knowing = (right: string) => (passcode: string) => Promise.resolve(passcode === right);

describe('the passcode', () => {
  test('is kept as what it comes to; right is right and wrong is wrong', async () => {
    const db = openDatabase(':memory:');
    const access = passcodes(db, () => 0);
    expect(access.isSet()).toBe(false);
    expect(await access.isRight('')).toBe(false);
    await access.set('eight characters');
    expect(JSON.stringify(db.prepare('select * from passcode').all())).not.toContain('eight');
    // looked at one after the other, however many come at once
    const looks = await Promise.all(
      ['eight characters', 'eight character', ''].map((p) => access.isRight(p))
    );
    expect(looks).toEqual([true, false, false]);
    await expect(access.set('short')).rejects.toThrow('8 characters or more');
  });
  test('sessions end by themselves, one by one, all at once, and with a new passcode', async () => {
    let now = Date.UTC(2026, 4, 1);
    const access = await accessWith('eight characters', () => now);
    const [a, b] = [access.signIn(), access.signIn()];
    access.signOut(a);
    expect([access.isSignedIn(a), access.isSignedIn(b), access.isSignedIn('')]).toEqual([false, true, false]);
    now += 181 * 24 * 3_600_000;
    expect(access.isSignedIn(b)).toBe(false);
    const c = access.signIn();
    access.signOutEverywhere();
    expect(access.isSignedIn(c)).toBe(false);
    const d = access.signIn();
    await access.set('another passcode');
    expect(access.isSignedIn(d)).toBe(false);
  });
  test('after ten wrong ones the gate is shut for whoever tried, and for nobody else', async () => {
    const access = await accessWith('eight characters');
    const gate = gateOf({ ...access, isRight: knowing('right') }, openDatabase(':memory:'));
    for (let i = 1; i <= MOST_TRIES; i++)
      expect(await gate.enter('wrong', 'phone')).toEqual({ kind: 'wrong', triesLeft: MOST_TRIES - i });
    expect(await gate.enter('right', 'phone')).toEqual({ kind: 'shut', minutes: 15 });
    expect((await gate.enter('right', 'another')).kind).toBe('in');
  });
  test('a restart forgets no try, and many addresses have no more in all than a hundred', async () => {
    const access = await accessWith('eight characters');
    const db = openDatabase(':memory:');
    const opened = () => gateOf({ ...access, isRight: knowing('right') }, db);
    for (let i = 0; i < MOST_TRIES; i++) await opened().enter('wrong', 'phone');
    expect((await opened().enter('right', 'phone')).kind).toBe('shut');
    // one that is shut cannot shut the others out, however long it goes on
    for (let i = 0; i < MOST_IN_ALL; i++) await opened().enter('wrong', 'phone');
    expect((await opened().enter('right', 'another')).kind).toBe('in');
    const gate = opened();
    const kinds: string[] = [];
    for (let i = 0; i < MOST_IN_ALL; i++) kinds.push((await gate.enter('wrong', `address ${i}`)).kind);
    expect(kinds.filter((kind) => kind === 'wrong')).toHaveLength(MOST_IN_ALL - MOST_TRIES);
    expect((await opened().enter('right', 'a new one')).kind).toBe('shut');
  });
  test('who is signed in stays so while others try', async () => {
    const access = await accessWith('eight characters');
    const token = access.signIn();
    const gate = gateOf({ ...access, isRight: knowing('right') }, openDatabase(':memory:'));
    for (let i = 0; i < 2 * MOST_IN_ALL; i++) await gate.enter('wrong', `address ${i}`);
    expect(access.isSignedIn(token)).toBe(true);
  });
  test('a crowd at the gate is told to wait', async () => {
    const access = await accessWith('eight characters');
    let open = (): void => undefined;
    const held = new Promise<boolean>((done) => (open = () => done(false)));
    const gate = gateOf({ ...access, isRight: () => held }, openDatabase(':memory:'));
    const tries = Array.from({ length: 6 }, (_, i) => gate.enter('x', `phone ${i}`));
    await Promise.resolve();
    open();
    const kinds = (await Promise.all(tries)).map((t) => t.kind);
    expect(kinds.filter((k) => k === 'busy').length).toBeGreaterThan(0);
  });
  test('only the gate and the empty shell are open', () => {
    expect(['/enter', '/enter/__data.json', '/shell'].every(isOpen)).toBe(true);
    expect(['/', '/shoot', '/shell/x', '/enterprise', '/api/v1/carried'].some(isOpen)).toBe(false);
  });
});

describe('what the server is started with', () => {
  test.each([
    [{ HOST: '0.0.0.0' }, /would open the log to everybody.*npm run phone/],
    [{ JUST_ENOUGH_LOCKED: 'yes' }, /must be 0 or 1/],
    [{ JUST_ENOUGH_LOCKED: '1', JUST_ENOUGH_NEW_PASSCODE: 'short' }, /8 characters or more/],
    [{ JUST_ENOUGH_LOKED: '1' }, /is not known/]
  ])('%j is refused', (env, words) => expect(() => readConfig(env)).toThrow(words));
  test('beyond this machine with a passcode, by every name it goes by', () => {
    const env = { HOST: '0.0.0.0', JUST_ENOUGH_LOCKED: '1', JUST_ENOUGH_HOSTS: '192.168.1.5, Box.local' };
    expect(readConfig(env)).toMatchObject({ locked: true, hosts: ['0.0.0.0', '192.168.1.5', 'box.local'] });
    expect(readConfig({ HOST: '127.0.0.1' }).locked).toBe(false);
  });
});
