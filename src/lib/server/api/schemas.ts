// The schemas of the API by name: the same Yup schemas that check what comes in.
import { biasSchema, judgementSchema } from '#schema/log/judgement.ts';
import { carriedSchema } from '#schema/sync/carried.ts';
import { syncAnswerSchema, syncSchema } from '#schema/sync/change.ts';
import { array, number, object, string } from 'yup';
import { matchAnswerSchema, reachAnswerSchema, remediesAnswerSchema } from '#schema/engine/answers.ts';
import { csvMappingSchema } from '#schema/files/csv-mapping.ts';
import { standsSchema } from '#schema/kit/choice.ts';
import { cameraSchema } from '#schema/kit/camera.ts';
import { filmSchema } from '#schema/kit/film.ts';
import { frameEditSchema, frameSchema, newFrameSchema } from '#schema/log/frame.ts';
import { knownFramesSchema } from '#schema/sync/known-frames.ts';
import { manyEditSchema } from '#schema/log/many-frames.ts';
import {
  cameraEyeAnswerSchema,
  cameraEyeQuestionSchema,
  eyeQuestionSchema,
  lightAnswerSchema,
  readingQuestionSchema,
  sceneQuestionSchema,
  sunAnswerSchema,
  sunQuestionSchema
} from '#schema/light/light-question.ts';
import { loadEditSchema, loadSchema, newLoadSchema } from '#schema/kit/load.ts';
import { questionSchema } from '#schema/engine/question.ts';
import { outingSchema } from '#schema/plan/outing.ts';
import { exerciseBodySchema } from '#schema/practice/exercise.ts';
import {
  chancesAnswerSchema,
  chancesQuestionSchema,
  windowsAnswerSchema,
  windowsQuestionSchema
} from '#schema/plan/plan-question.ts';
import { framePictureSchema } from '#schema/log/frame-picture.ts';
import { assignmentsSchema, scanEditSchema, scanSchema } from '#schema/log/scan.ts';
import { settingsEditSchema, settingsSchema } from '#schema/settings/settings-schema.ts';
import { thingSchema } from '#schema/kit/thing.ts';

const problemSchema = object({
  type: string().required(),
  title: string().required(),
  status: number().integer().required(),
  detail: string().required(),
  errors: array(object({ field: string().defined(), message: string().required() }).required()).optional()
}).required();

/** Every schema, by the name it has in the description. */
export const SCHEMAS = {
  Camera: cameraSchema,
  Film: filmSchema,
  Thing: thingSchema,
  Outing: outingSchema,
  Exercise: exerciseBodySchema,
  WindowsQuestion: windowsQuestionSchema,
  WindowsAnswer: windowsAnswerSchema,
  ChancesQuestion: chancesQuestionSchema,
  ChancesAnswer: chancesAnswerSchema,
  Load: loadSchema,
  NewLoad: newLoadSchema,
  LoadEdit: loadEditSchema,
  NewFrame: newFrameSchema,
  Frame: frameSchema,
  FrameEdit: frameEditSchema,
  FramePicture: framePictureSchema,
  ManyEdit: manyEditSchema,
  KnownFrames: knownFramesSchema,
  Question: questionSchema,
  MatchAnswer: matchAnswerSchema,
  ReachAnswer: reachAnswerSchema,
  RemediesAnswer: remediesAnswerSchema,
  EyeQuestion: eyeQuestionSchema,
  SceneQuestion: sceneQuestionSchema,
  ReadingQuestion: readingQuestionSchema,
  SunQuestion: sunQuestionSchema,
  CameraEyeQuestion: cameraEyeQuestionSchema,
  LightAnswer: lightAnswerSchema,
  SunAnswer: sunAnswerSchema,
  CameraEyeAnswer: cameraEyeAnswerSchema,
  Stands: standsSchema,
  Settings: settingsSchema,
  SettingsEdit: settingsEditSchema,
  Judgement: judgementSchema,
  Bias: biasSchema,
  Scan: scanSchema,
  ScanEdit: scanEditSchema,
  Assignments: assignmentsSchema,
  CsvMapping: csvMappingSchema,
  Carried: carriedSchema,
  Sync: syncSchema,
  SyncAnswer: syncAnswerSchema,
  Problem: problemSchema
} as const;
