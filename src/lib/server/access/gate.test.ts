import { describe, expect, test } from 'vitest';
import { readConfig } from '../config.ts';
import { openDatabase } from '../database/open.ts';
import { gateOf, isOpen, MOST_TRIES } from './gate.ts';
import { passcodes } from './passcode.ts';

async function passcodeWith(passcode: string, now: () => number = () => Date.UTC(2026, 4, 1)) {
  const passcode = passcodes(openDatabase(':memory:'), now);
  await passcode.set(passcode);
  return passcode;
}

describe('the passcode', () => {
  test('is kept as what it comes to; right is right and wrong is wrong', async () => {
    const db = openDatabase(':memory:');
    const passcode = passcodes(db, () => 0);
    expect(passcode.isSet()).toBe(false);
    expect(await passcode.isRight('')).toBe(false);
    await passcode.set('eight characters');
    expect(JSON.stringify(db.prepare('select * from passcode').all())).not.toContain('eight');
    // looked at one after the other, however many come at once
    const looks = await Promise.all(['eight characters', 'eight character', ''].map((p) => passcode.isRight(p)));
    expect(looks).toEqual([true, false, false]);
    await expect(passcode.set('short')).rejects.toThrow('8 characters or more');
  });
  test('sessions end by themselves, one by one, all at once, and with a new passcode', async () => {
    let now = Date.UTC(2026, 4, 1);
    const passcode = await passcodeWith('eight characters', () => now);
    const [a, b] = [passcode.signIn(), passcode.signIn()];
    passcode.signOut(a);
    expect([passcode.isSignedIn(a), passcode.isSignedIn(b), passcode.isSignedIn('')]).toEqual([false, true, false]);
    now += 181 * 24 * 3_600_000;
    expect(passcode.isSignedIn(b)).toBe(false);
    const c = passcode.signIn();
    passcode.signOutEverywhere();
    expect(passcode.isSignedIn(c)).toBe(false);
    const d = passcode.signIn();
    await passcode.set('another passcode');
    expect(passcode.isSignedIn(d)).toBe(false);
  });
  test('after ten wrong ones the gate is shut for whoever tried, and for nobody else', async () => {
    const passcode = await passcodeWith('eight characters');
    const gate = gateOf({ ...passcode, isRight: (p) => Promise.resolve(p === 'right') });
    for (let i = 1; i <= MOST_TRIES; i++)
      expect(await gate.enter('wrong', 'phone')).toEqual({ kind: 'wrong', triesLeft: MOST_TRIES - i });
    expect(await gate.enter('right', 'phone')).toEqual({ kind: 'shut', minutes: 15 });
    expect((await gate.enter('right', 'another')).kind).toBe('in');
  });
  test('a crowd at the gate is told to wait', async () => {
    const passcode = await passcodeWith('eight characters');
    let open = (): void => undefined;
    const held = new Promise<boolean>((done) => (open = () => done(false)));
    const gate = gateOf({ ...passcode, isRight: () => held });
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
