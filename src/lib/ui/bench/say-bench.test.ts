import { expect, test } from 'vitest';
import { sayLong, sayOff, tenths } from './say-bench.ts';

test.each([
  [0, '0 stop'],
  [0.01, '0.1 stop'],
  [0.14, '0.1 stop'],
  [1, '1 stop'],
  [1.26, '1.3 stops']
])('%d stops are “%s”', (stops, words) => expect(tenths(stops)).toBe(words));

test.each([
  [0.04, 'right on'],
  [0.4, '0.4 stop long'],
  [-1.5, '1.5 stops short']
])('a time that is off by %d is “%s”', (stops, words) => expect(sayLong(stops)).toBe(words));

test.each([
  [-0.09, 'right on'],
  [0.5, '0.5 stop lighter'],
  [-1.5, '1.5 stops darker']
])('an exposure that is off by %d is “%s”', (stops, words) => expect(sayOff(stops)).toBe(words));
