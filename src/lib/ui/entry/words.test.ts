import { expect, test } from 'vitest';
import { CONTROL_FORMS } from '#core/camera/kinds/control-forms.ts';
import { CONTROL_KIND_NAMES } from '#core/camera/kinds/controls.ts';
import { SHEET_ENTRIES } from '#core/camera/kinds/entries.ts';
import { SHEET_FIELDS } from '#schema/sheet/sheet.ts';
import { CONTROL_KIND_WORDS, fieldWords, SHEET_KIND_WORDS } from './words.ts';

test('every camera that a sheet can be begun with has its words, and every text it asks for its label', () => {
  for (const { name, first, typical } of SHEET_ENTRIES) {
    expect(SHEET_KIND_WORDS[name], name).toHaveLength(2);
    for (const field of first.filter((f) => f !== 'needle')) {
      expect(fieldWords(name, field).label, `${name} ${field}`).not.toBe(field);
      expect(SHEET_FIELDS).toContain(field);
    }
    for (const field of Object.keys(typical)) expect(SHEET_FIELDS, `${name} ${field}`).toContain(field);
  }
  expect(Object.keys(SHEET_KIND_WORDS).sort()).toEqual(SHEET_ENTRIES.map(({ name }) => name).sort());
});

test('every kind of control that its owner names has a name', () => {
  const named = CONTROL_KIND_NAMES.filter((name) => CONTROL_FORMS[name].sheet.byName);
  expect(Object.keys(CONTROL_KIND_WORDS).sort()).toEqual([...named].sort());
});
