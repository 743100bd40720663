import { storageInMemory } from '../../../tests/session-parts';
import { makeDrafts } from './drafts';

const sill = { text: '-3', where: 'Sill of window 1 · Kitchen', href: '/visits/v/r/light' };

test('what is typed and not saved is kept, told of, and there again after the page was read anew', () => {
  const storage = storageInMemory();
  const drafts = makeDrafts(storage);
  let told = 0;
  drafts.subscribe(() => (told += 1));
  drafts.keep('sill', sill);
  drafts.keep('sill', sill);
  expect([told, drafts.get('sill')]).toEqual([1, sill]);
  expect([...makeDrafts(storage).all()]).toEqual([['sill', sill]]);
  drafts.drop('sill');
  drafts.drop('sill');
  expect([told, drafts.all().size, makeDrafts(storage).all().size]).toEqual([2, 0, 0]);
});

test('a browser without room keeps it as long as the page, and what is no draft is none', () => {
  const storage = storageInMemory();
  storage.set('elm-swatch.draft.torn', '{"te');
  const full = {
    ...storage,
    set: () => false,
  };
  const drafts = makeDrafts(full);
  drafts.keep('sill', sill);
  expect([...drafts.all().keys()]).toEqual(['sill']);
});
