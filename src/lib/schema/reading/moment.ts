// Moments in bodies and rows: an instant in UTC and the zone whose clocks it was lived by.
import { object, string, type ObjectSchema, type ValidationError } from 'yup';
import { moment, momentFrom, type Moment } from '#core/sky/moment.ts';

/** A moment as JSON; checked by {@link momentSchema}, made a {@link Moment} by {@link momentOfBody}. */
export interface MomentBody {
  readonly at: string;
  readonly zone: string;
}

const WORDS = {
  'bad-instant': 'Give the time in UTC, such as 2026-05-01T10:00:00.000Z, with a day that the calendar has.',
  'bad-zone': 'Give the zone by its name, such as Europe/Oslo or UTC.'
} as const;

/** A moment as {at, zone}. */
export const momentSchema: ObjectSchema<MomentBody> = object({
  at: string().required(WORDS['bad-instant']).max(40, WORDS['bad-instant']),
  zone: string().required(WORDS['bad-zone']).max(60, WORDS['bad-zone'])
})
  .required(
    'Give the time and whose clocks it is by, such as {"at": "2026-05-01T10:00:00.000Z", "zone": "Europe/Oslo"}.'
  )
  .test(
    'moment',
    WORDS['bad-instant'],
    (value: MomentBody | null | undefined, context): true | ValidationError => {
      // one that may be left out or be null
      if (!value) return true;
      const read = momentFrom(value.at, value.zone);
      return read.ok || context.createError({ message: WORDS[read.error.problem] });
    }
  );

/** The moment of a checked body. @throws {RangeError} when it was not checked */
export function momentOfBody({ at, zone }: MomentBody): Moment {
  return moment(at, zone);
}
