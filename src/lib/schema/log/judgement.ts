// Judgements of frames, in request bodies and in the database.
import { array, lazy, number, object, string, type InferType } from 'yup';
import { FAULTS, GRADES, JUDGED_ON, TONES, WORDS, type Grade, type Outcome } from '#core/learn/judgement.ts';
import { keepShapes, kindField, kindOf } from '../reading/kinds.ts';

const KINDS = ['tone', 'word'] as const satisfies readonly Outcome['kind'][];
const ALL_WORDS = [...WORDS.print, ...WORDS.negative];
const OUTCOMES = {
  tone: object({
    kind: kindField('tone', KINDS),
    stops: number()
      .oneOf([...TONES], `A tone is one of ${TONES.join(', ')} stops.`)
      .required()
  }).required(),
  word: object({ kind: kindField('word', KINDS), word: string().oneOf(ALL_WORDS).required() })
} as const;
const outcomeSchema = lazy((value: unknown) => (kindOf(value) === 'word' ? OUTCOMES.word : OUTCOMES.tone));
keepShapes(outcomeSchema, Object.values(OUTCOMES));

/** How a frame came out. */
export const judgementSchema = object({
  on: string().oneOf(JUDGED_ON).required(),
  outcome: outcomeSchema,
  faults: array(string().oneOf(FAULTS).required()).max(FAULTS.length).required(),
  grade: string<Grade>()
    .oneOf(GRADES, `A grade of paper is one of ${GRADES.join(', ')}.`)
    .optional()
}).required();

/** @see judgementSchema */
export type JudgementBody = InferType<typeof judgementSchema>;

/** A bias to take up: what the page showed, so that nothing else is taken up. */
export const biasSchema = object({
  stops: number().min(-6).max(6).required(),
  sd: number().min(0).max(6).nullable().defined()
}).required();

/** Reads a stored outcome. */
export function outcomeFromJson(text: string): Outcome {
  return outcomeSchema.validateSync(JSON.parse(text), { strict: true });
}

/** Reads stored faults. */
export function faultsFromJson(text: string): readonly string[] {
  return array(string().required()).required().validateSync(JSON.parse(text), { strict: true });
}
