import { parseDecimal } from '#core/units/decimal.ts';
import { jsonAnswer } from '#server/http/json-answer.ts';
import { zoneAt } from '#server/light/places.ts';
import { badFields } from '#server/http/problem.ts';
import type { RequestHandler } from './$types';

/** The time zone at `latitude` and `longitude`. */
export const GET: RequestHandler = ({ url }) => {
  const number = (name: string): number => parseDecimal(url.searchParams.get(name) ?? '') ?? NaN;
  const [latitude, longitude] = [number('latitude'), number('longitude')];
  const faults = [
    ...(Math.abs(latitude) <= 90
      ? []
      : [{ field: 'latitude', message: 'A latitude lies between −90 and 90 degrees.' }]),
    ...(Math.abs(longitude) <= 180
      ? []
      : [{ field: 'longitude', message: 'A longitude lies between −180 and 180 degrees.' }])
  ];
  return faults.length > 0 ? badFields(faults) : jsonAnswer({ zone: zoneAt(latitude, longitude) });
};
