// Pictures kept with frames. The only SQL about them.
import type { Database } from 'better-sqlite3';
import type { FramePicture } from '#core/log/frame-picture.ts';
import { besidePicture } from '#schema/log/frame-picture.ts';

interface PictureRow {
  readonly frame_id: string;
  readonly jpeg: Buffer;
  readonly beside: string;
}

/** A picture and whose it is. */
export interface PictureOfFrame {
  readonly frameId: string;
  readonly picture: FramePicture;
}

const read = ({ jpeg, beside }: PictureRow): FramePicture => ({
  ...besidePicture(beside),
  jpeg: jpeg.toString('base64')
});

/** The pictures of a database. */
export function framePictures(db: Database) {
  const one = db.prepare<[string], PictureRow>('select * from frame_picture where frame_id = ?');
  const every = db.prepare<[string, number], PictureRow>(
    'select * from frame_picture where frame_id > ? order by frame_id limit ?'
  );
  const these = db.prepare<[string], { readonly frame_id: string }>(
    'select frame_id from frame_picture where frame_id in (select value from json_each(?))'
  );
  const put = db.prepare<[string, Buffer, string]>(
    `insert into frame_picture (frame_id, jpeg, beside) values (?, ?, ?)
     on conflict (frame_id) do update set jpeg = excluded.jpeg, beside = excluded.beside`
  );
  const remove = db.prepare<[string]>('delete from frame_picture where frame_id = ?');
  return {
    find: (frameId: string): FramePicture | null => {
      const row = one.get(frameId);
      return row ? read(row) : null;
    },
    /** Those of some frames that have one. */
    among: (frameIds: readonly string[]): readonly string[] =>
      these.all(JSON.stringify(frameIds)).map((r) => r.frame_id),
    /** All, by frame, `most` after one of them. */
    after: (frameId: string, most: number): readonly PictureOfFrame[] =>
      every.all(frameId, most).map((row) => ({ frameId: row.frame_id, picture: read(row) })),
    /** Keeps a picture in place of the one before; null takes it away. The frame must be there. */
    put: (frameId: string, picture: FramePicture | null): void => {
      if (!picture) {
        remove.run(frameId);
        return;
      }
      const { jpeg, ...beside } = picture;
      put.run(frameId, Buffer.from(jpeg, 'base64'), JSON.stringify(beside));
    }
  };
}
